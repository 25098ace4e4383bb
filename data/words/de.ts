<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>sangre</name>
    <message>
        <source>
Assumed: {list}. Its menu has the other way.</source>
        <translation>
Angenommen: {list}. Sein Menü hat die andere Art.</translation>
    </message>
    <message>
        <source>! Stopped after {tried}: something better may not have been tried.</source>
        <translation>! Nach {tried} angehalten: etwas Besseres ist vielleicht nicht versucht worden.</translation>
    </message>
    <message>
        <source>! The {largest_end} plug does not pass.</source>
        <translation>! Der Stecker {largest_end} geht nicht durch.</translation>
    </message>
    <message>
        <source>! picture gone</source>
        <translation>! Bild fehlt</translation>
    </message>
    <message>
        <source>! scale not set</source>
        <translation>! Maßstab fehlt</translation>
    </message>
    <message>
        <source>({joint} joint + 2 × {overlap} overlap) ÷ 0.93 for its shrinking in length = {cut}</source>
        <translation>({joint} Verbindung + 2 × {overlap} Überlappung) ÷ 0,93 für das Schrumpfen der Länge = {cut}</translation>
    </message>
    <message>
        <source>({length} path + {loop} service loop{moves| + {moving} moving loop|}{knotted| + {knots} knots|}) × {slack} slack + {ends} ends = {exact:.3f} m, rounded up to {cut}</source>
        <translation>({length} Weg + {loop} Reserveschlaufe{moves| + {moving} Bewegungsschlaufe|}{knotted| + {knots} für Knoten|}) × {slack} Zugabe + {ends} Enden = {exact:.3f} m, aufgerundet auf {cut}</translation>
    </message>
    <message>
        <source>+ Body</source>
        <translation>+ Gehäuse</translation>
    </message>
    <message>
        <source>+ Phase</source>
        <translation>+ Phase</translation>
    </message>
    <message>
        <source>+ Place</source>
        <translation>+ Ort</translation>
    </message>
    <message>
        <source>+ Step of your own</source>
        <translation>+ Eigener Schritt</translation>
    </message>
    <message>
        <source>+ above, − below</source>
        <translation>+ oben, − unten</translation>
    </message>
    <message>
        <source>+ on {landing_sign}, − on {landing_sign_2}</source>
        <translation>+ auf {landing_sign}, − auf {landing_sign_2}</translation>
    </message>
    <message>
        <source>+ {count}</source>
        <translation>+ {count}</translation>
    </message>
    <message>
        <source>+{count}</source>
        <translation>+{count}</translation>
    </message>
    <message>
        <source>0 (not measured) to 1000 mm is expected.</source>
        <translation>Erwartet wird 0 (nicht gemessen) bis 1000 mm.</translation>
    </message>
    <message>
        <source>0 V, then full</source>
        <translation>0 V, dann voll</translation>
    </message>
    <message>
        <source>0 to 100 % of its typical draw is expected.</source>
        <translation>0 bis 100 % seines üblichen Stroms werden erwartet.</translation>
    </message>
    <message>
        <source>0.01 Ω to 10 MΩ is expected here.</source>
        <translation>0,01 Ω bis 10 MΩ werden hier erwartet.</translation>
    </message>
    <message>
        <source>1 A fuse</source>
        <translation>1 A Sicherung</translation>
    </message>
    <message>
        <source>100 %</source>
        <translation>100 %</translation>
    </message>
    <message>
        <source>100 m is the longest feed.</source>
        <translation>100 m ist die längste Zuleitung.</translation>
    </message>
    <message>
        <source>100 mm. Longer or shorter? Print once more at 100 %.</source>
        <translation>100 mm. Länger oder kürzer? Noch einmal mit 100 % drucken.</translation>
    </message>
    <message>
        <source>12 mm grommet</source>
        <translation>12 mm grommet</translation>
    </message>
    <message>
        <source>120 Ω at each end, or what its boards say: 60 Ω across the pair with everything off. Short slow links do without.</source>
        <translation>120 Ω an jedem Ende, oder was die Platinen sagen: 60 Ω über das Paar, wenn alles aus ist. Kurze langsame Verbindungen kommen ohne aus.</translation>
    </message>
    <message>
        <source>120 Ω at each end: 120 ÷ 2 = 60 Ω. With 120 Ω one is missing, with 40 Ω there are three.</source>
        <translation>120 Ω an jedem Ende: 120 ÷ 2 = 60 Ω. Bei 120 Ω fehlt einer, bei 40 Ω sind es drei.</translation>
    </message>
    <message>
        <source>125 %</source>
        <translation>125 %</translation>
    </message>
    <message>
        <source>150 %</source>
        <translation>150 %</translation>
    </message>
    <message>
        <source>175 %</source>
        <translation>175 %</translation>
    </message>
    <message>
        <source>2 × {length} × {ohm_per_m} mΩ/m at {warm} × {current} = {drop} dropped, {heat} of heat</source>
        <translation>2 × {length} × {ohm_per_m} mΩ/m bei {warm} × {current} = {drop} Abfall, {heat} Wärme</translation>
    </message>
    <message>
        <source>200 %</source>
        <translation>200 %</translation>
    </message>
    <message>
        <source>4 × spacer</source>
        <translation>4 × Abstandhalter</translation>
    </message>
    <message>
        <source>5 × {resistor} × {capacitance} = wait {wait}; then close the main switch.</source>
        <translation>5 × {resistor} × {capacitance} = {wait} warten; dann den Hauptschalter schließen.</translation>
    </message>
    <message>
        <source>700 circular mils per ampere</source>
        <translation>700 circular mil je Ampere</translation>
    </message>
    <message>
        <source>= {poor} on a poor day, {good} on a good one.</source>
        <translation>= {poor} an einem schlechten Tag, {good} an einem guten.</translation>
    </message>
    <message>
        <source>&gt; 1 year</source>
        <translation>&gt; 1 Jahr</translation>
    </message>
    <message>
        <source>? {value} is noted; the plan has nothing to hold it against.</source>
        <translation>? {value} ist notiert; der Plan hat nichts, woran es zu messen wäre.</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>A DC arc does not go out by itself; the printed AC voltage says nothing about it.</source>
        <translation>Ein Gleichstrombogen erlischt nicht von selbst; die aufgedruckte Wechselspannung sagt nichts darüber.</translation>
    </message>
    <message>
        <source>A bare end finds something to touch: cut it back at both ends, a tube over it, and write it down.</source>
        <translation>Ein blankes Ende findet etwas zum Berühren: an beiden Enden zurückschneiden, Schlauch darüber und aufschreiben.</translation>
    </message>
    <message>
        <source>A block near the loads saves wire; what fails in its feed takes all of them.</source>
        <translation>Ein Verteiler nahe den Verbrauchern spart Leitung; was in seiner Zuleitung ausfällt, nimmt alle mit.</translation>
    </message>
    <message>
        <source>A boost gives no less than its input, which reaches {highest_input}.</source>
        <translation>Ein Aufwärtswandler gibt nicht weniger als seinen Eingang, der {highest_input} erreicht.</translation>
    </message>
    <message>
        <source>A bore (“12 mm”), hole, grommet, gland, “in” a body, “already 5 mm” or “later 5 mm” is expected here.</source>
        <translation>Hier wird eine Weite („12 mm“), hole, grommet, gland, „in“ und ein Gehäuse, „already 5 mm“ oder „later 5 mm“ erwartet.</translation>
    </message>
    <message>
        <source>A box, hull, frame or arm that places are in: its walls are passed through openings</source>
        <translation>Ein Kasten, Rumpf, Rahmen oder Arm, in dem Orte sind: durch seine Wände geht man durch Öffnungen</translation>
    </message>
    <message>
        <source>A box, hull, frame or arm.</source>
        <translation>Ein Kasten, Rumpf, Rahmen oder Arm.</translation>
    </message>
    <message>
        <source>A bracket</source>
        <translation>Ein Halter</translation>
    </message>
    <message>
        <source>A braid</source>
        <translation>Ein Geflecht</translation>
    </message>
    <message>
        <source>A braid lies over it there: {braid} more on either side.</source>
        <translation>Dort liegt ein Geflecht darüber: {braid} mehr auf jeder Seite.</translation>
    </message>
    <message>
        <source>A broken parallel conductor goes unnoticed until the others overheat: size for one less, or fuse each.</source>
        <translation>Einen gebrochenen Leiter in einer Parallelschaltung merkt niemand, bis die anderen heiß sind: auf einen weniger bemessen oder jeden absichern.</translation>
    </message>
    <message>
        <source>A brushed winding jumps while the shaft is turned; infinite is a brush or a joint.</source>
        <translation>Eine Bürstenwicklung springt, wenn die Welle gedreht wird; unendlich ist eine Bürste oder eine Verbindung.</translation>
    </message>
    <message>
        <source>A button bridges a signal and ground, or a signal and a supply, never both rails.</source>
        <translation>Ein Taster überbrückt Signal und Masse oder Signal und Versorgung, nie beide Schienen.</translation>
    </message>
    <message>
        <source>A button, lamp, aerial, sensor, motor behind its controller or sounder that a lead ends at</source>
        <translation>Ein Taster, eine Lampe, Antenne, ein Fühler, Motor hinter seinem Regler oder Signalgeber, an dem eine Leitung endet</translation>
    </message>
    <message>
        <source>A cable is as thick as what is in it</source>
        <translation>Ein Kabel ist so dick wie das, was darin ist</translation>
    </message>
    <message>
        <source>A cable is bought with its sheath: say its cores. Over wires goes a braid or a tube.</source>
        <translation>Ein Kabel wird mit seinem Mantel gekauft: seine Adern angeben. Über Drähte kommt ein Geflecht oder ein Schlauch.</translation>
    </message>
    <message>
        <source>A cable joins two parts</source>
        <translation>Ein Kabel verbindet zwei Teile</translation>
    </message>
    <message>
        <source>A cable with one sheath, an insert with a hole for each wire, or sealant between them.</source>
        <translation>Ein Kabel mit einem Mantel, ein Einsatz mit einem Loch je Draht oder Dichtmasse dazwischen.</translation>
    </message>
    <message>
        <source>A capacitor is still charging: wait and measure again</source>
        <translation>Ein Kondensator lädt noch: warte und lies noch einmal</translation>
    </message>
    <message>
        <source>A cell the wrong way round, or a contact that does not touch</source>
        <translation>Eine Zelle verkehrt herum, oder ein Kontakt, der nicht anliegt</translation>
    </message>
    <message>
        <source>A charger can tell when a pack is full</source>
        <translation>Ein Ladegerät kann erkennen, wann ein Akku voll ist</translation>
    </message>
    <message>
        <source>A charger ends at its cells' charge voltage</source>
        <translation>Ein Ladegerät endet bei der Ladespannung seiner Zellen</translation>
    </message>
    <message>
        <source>A charger gives the current recommended for its pack, and a charging phase no more than the charger gives</source>
        <translation>Ein Ladegerät gibt, was sein Akku mag, und eine Ladephase, was ihr Ladegerät gibt</translation>
    </message>
    <message>
        <source>A charger of {right}</source>
        <translation>Ein Ladegerät für {right}</translation>
    </message>
    <message>
        <source>A charger outside, with a low-voltage plug to the machine, keeps mains out of the box.</source>
        <translation>Ein Ladegerät außerhalb, mit einem Kleinspannungsstecker zur Maschine, hält Netzspannung aus dem Kasten.</translation>
    </message>
    <message>
        <source>A clean contact and its lead: tenths of an ohm. It goes back when it is let go.</source>
        <translation>Ein sauberer Kontakt und seine Leitung: Zehntelohm. Losgelassen geht es zurück.</translation>
    </message>
    <message>
        <source>A clip lead across every empty fuse holder on its way, its switch on.</source>
        <translation>Eine Klemmleitung über jeden leeren Sicherungshalter auf dem Weg, der Schalter an.</translation>
    </message>
    <message>
        <source>A clip lead across every empty fuse holder on its way.</source>
        <translation>Eine Klemmleitung über jeden leeren Sicherungshalter auf ihrem Weg.</translation>
    </message>
    <message>
        <source>A clip left out, or a switch off</source>
        <translation>Ein vergessener Clip, oder ein Schalter aus</translation>
    </message>
    <message>
        <source>A clip-on bead closes round all wires of its lead</source>
        <translation>Ein Klappferrit schließt um alle Adern seiner Leitung</translation>
    </message>
    <message>
        <source>A clove hitch round the bundle, a reef knot over it, ends cut to 5 mm.</source>
        <translation>Ein Webeleinenstek um das Bündel, ein Kreuzknoten darüber, Enden auf 5 mm gekürzt.</translation>
    </message>
    <message>
        <source>A coil is fed the voltage it is wound for</source>
        <translation>Eine Spule hängt an den Volt, für die sie gewickelt ist</translation>
    </message>
    <message>
        <source>A colour each</source>
        <translation>Jeder eine Farbe</translation>
    </message>
    <message>
        <source>A conductor of a cable.</source>
        <translation>Ein Leiter eines Kabels.</translation>
    </message>
    <message>
        <source>A connector carries its current</source>
        <translation>Ein Stecker trägt seinen Strom</translation>
    </message>
    <message>
        <source>A connector takes its wire</source>
        <translation>Ein Stecker nimmt seine Leitung</translation>
    </message>
    <message>
        <source>A contact's insulation wings suit the wire</source>
        <translation>Die Flügel eines Kontakts schließen um die Isolierung der Leitung</translation>
    </message>
    <message>
        <source>A converter holds its output on an empty pack</source>
        <translation>Ein Wandler hält seinen Ausgang mit leerem Akku</translation>
    </message>
    <message>
        <source>A converter set too high damages nothing while its fuses are out.</source>
        <translation>Ein Wandler, der zu viel gibt, tötet nichts, solange seine Sicherungen heraus sind.</translation>
    </message>
    <message>
        <source>A converter's hottest part stays below its rated temperature</source>
        <translation>Das heißeste Teil eines Wandlers bleibt unter dem, was es aushält</translation>
    </message>
    <message>
        <source>A converter's input stays above its minimum voltage</source>
        <translation>Der Eingang eines Wandlers bleibt über seiner kleinsten Spannung</translation>
    </message>
    <message>
        <source>A core carries its current</source>
        <translation>Eine Ader trägt ihren Strom</translation>
    </message>
    <message>
        <source>A core of its lead that does not reach it: beep the lead alone</source>
        <translation>Eine Ader seiner Leitung erreicht es nicht: piepse die Leitung allein durch</translation>
    </message>
    <message>
        <source>A core of the pair does not reach the far end</source>
        <translation>Eine Ader des Paars erreicht das ferne Ende nicht</translation>
    </message>
    <message>
        <source>A core of {wire} among {count}, in {hottest}: {each}</source>
        <translation>Eine Ader {wire} unter {count}, bei {hottest}: {each}</translation>
    </message>
    <message>
        <source>A current or power is missing, such as 2.4 A or 30 W.</source>
        <translation>Ein Strom oder eine Leistung fehlt, etwa 2.4 A oder 30 W.</translation>
    </message>
    <message>
        <source>A data bus has its resistors</source>
        <translation>Ein Datenbus hat seine Widerstände</translation>
    </message>
    <message>
        <source>A dead short reads like the meter's own leads, some {own_leads}, and cannot be told apart. Unplug the motors and measure again: the reading must rise.</source>
        <translation>Ein satter Kurzschluss misst sich wie die eigenen Leitungen des Messgeräts, etwa {own_leads}: zu nah, um es zu unterscheiden. Steck die Motoren aus und lies noch einmal: es muss steigen.</translation>
    </message>
    <message>
        <source>A diode in each</source>
        <translation>Je eine Diode</translation>
    </message>
    <message>
        <source>A diode lets the current through</source>
        <translation>Eine Diode lässt den Strom durch</translation>
    </message>
    <message>
        <source>A drop all round each joint and a finger's width of its wire.</source>
        <translation>Ein Tropfen rings um jede Verbindung und eine Fingerbreite ihres Drahts.</translation>
    </message>
    <message>
        <source>A fan of {fan} m³/h on a thermal switch</source>
        <translation>Ein Lüfter von {fan} m³/h an einem Thermoschalter</translation>
    </message>
    <message>
        <source>A filter in front of the sensitive one</source>
        <translation>Ein Filter vor dem Empfindlichen</translation>
    </message>
    <message>
        <source>A forked barrel lead carries the current of its branches</source>
        <translation>Eine gegabelte Hohlsteckerleitung trägt, was ihre Zweige verlangen</translation>
    </message>
    <message>
        <source>A fraction needs its unit: “5/16 in”.</source>
        <translation>Ein Bruch braucht seine Einheit: „5/16 in“.</translation>
    </message>
    <message>
        <source>A frame return needs a metal frame</source>
        <translation>Eine Rückleitung über den Rahmen braucht einen Metallrahmen</translation>
    </message>
    <message>
        <source>A fuse block has a way for each lead, and its bar carries them all</source>
        <translation>Ein Sicherungsblock hat für jede Leitung einen Platz, und seine Schiene trägt sie alle</translation>
    </message>
    <message>
        <source>A fuse carries its load, its peak and its start-up</source>
        <translation>Eine Sicherung trägt ihren Verbraucher, seine Spitze und seinen Anlauf</translation>
    </message>
    <message>
        <source>A fuse in the positive, as close to the battery as practical: it protects the wire, not the load.</source>
        <translation>Eine Sicherung im Plus, so nah am Akku wie möglich: sie schützt die Leitung, nicht den Verbraucher.</translation>
    </message>
    <message>
        <source>A fuse open inside it, or a poor plug</source>
        <translation>Eine offene Sicherung darin, oder ein schlechter Stecker</translation>
    </message>
    <message>
        <source>A fuse open or left out on the way</source>
        <translation>Eine Sicherung auf dem Weg offen oder weggelassen</translation>
    </message>
    <message>
        <source>A fuse opens before its wire is damaged</source>
        <translation>Eine Sicherung öffnet, ehe ihre Leitung leidet</translation>
    </message>
    <message>
        <source>A fuse protects the wire; what the wire goes through must carry what the fuse does.</source>
        <translation>Eine Sicherung schützt die Leitung; wodurch die Leitung geht, muss tragen, was die Sicherung trägt.</translation>
    </message>
    <message>
        <source>A fuse sits close to its source</source>
        <translation>Eine Sicherung sitzt nah an ihrer Quelle</translation>
    </message>
    <message>
        <source>A fuse sits in a holder made for it</source>
        <translation>Eine Sicherung sitzt in einem Halter, der für sie gemacht ist</translation>
    </message>
    <message>
        <source>A fuse tap goes into the slot of an existing circuit, of its family</source>
        <translation>Ein Abgriff geht in den Steckplatz eines vorhandenen Stromkreises, seiner Familie</translation>
    </message>
    <message>
        <source>A fuse there may open in flight, by inrush, by an overload or by age: then the craft falls.</source>
        <translation>Eine Sicherung dort kann in der Luft öffnen, durch einen Einschaltstrom, eine Böe oder ihr Alter: dann stürzt er ab.</translation>
    </message>
    <message>
        <source>A fuse's voltage and breaking capacity suffice</source>
        <translation>Spannung und Trennvermögen einer Sicherung genügen</translation>
    </message>
    <message>
        <source>A fused line of one's own from the vehicle's battery has room for it.</source>
        <translation>Eine eigene abgesicherte Leitung von der Fahrzeugbatterie hat Platz dafür.</translation>
    </message>
    <message>
        <source>A gland closes on one round sheath</source>
        <translation>Eine Verschraubung schließt auf einem runden Mantel</translation>
    </message>
    <message>
        <source>A gland closes on the cable; a grommet or a hole only guides it.</source>
        <translation>Eine Verschraubung schließt um das Kabel; Tülle oder Loch führen es nur.</translation>
    </message>
    <message>
        <source>A gland seals on what goes through it</source>
        <translation>Eine Verschraubung schließt um das, was hindurchgeht</translation>
    </message>
    <message>
        <source>A guess. Measure it and type it</source>
        <translation>Eine Schätzung. Miss und tippe sie</translation>
    </message>
    <message>
        <source>A joint is of the kind that its terminal takes</source>
        <translation>Eine Verbindung ist von der Art, die ihre Klemme nimmt</translation>
    </message>
    <message>
        <source>A joint that does not conduct: cold, or insulation under the screw</source>
        <translation>Eine Verbindung, die nicht leitet: kalt, oder Isolierung unter der Schraube</translation>
    </message>
    <message>
        <source>A knot bends a lead to about its own thickness; {fixed_bend} times that is the least.</source>
        <translation>Ein Knoten biegt eine Leitung etwa auf ihre eigene Dicke; das {fixed_bend}fache davon ist das Mindeste.</translation>
    </message>
    <message>
        <source>A larger capacitor before it</source>
        <translation>Ein größerer Kondensator davor</translation>
    </message>
    <message>
        <source>A larger fuse is no remedy: it protects the vehicle's wire.</source>
        <translation>Eine größere Sicherung dort ist keine Abhilfe: sie schützt die Leitung des Fahrzeugs.</translation>
    </message>
    <message>
        <source>A lead ends at every part that draws nothing</source>
        <translation>An jedem Teil, das nichts zieht, endet eine Leitung</translation>
    </message>
    <message>
        <source>A lead lands on a terminal that is there</source>
        <translation>Eine Leitung landet auf einer Klemme, die es gibt</translation>
    </message>
    <message>
        <source>A lead of {wire}</source>
        <translation>Ein Anschluss aus {wire}</translation>
    </message>
    <message>
        <source>A lead that came with a part reaches</source>
        <translation>Eine mitgelieferte Leitung ist lang genug</translation>
    </message>
    <message>
        <source>A lead that is pinned to ways goes by them</source>
        <translation>Eine an Wege geheftete Leitung geht dort entlang</translation>
    </message>
    <message>
        <source>A lead that moves is of stranded wire</source>
        <translation>Was sich bewegt, ist Litze</translation>
    </message>
    <message>
        <source>A length above zero is expected, such as 0.9 m.</source>
        <translation>Eine Länge über null wird erwartet, etwa 0.9 m.</translation>
    </message>
    <message>
        <source>A length above zero, up to 100 m, is expected.</source>
        <translation>Eine Länge über null, bis 100 m, wird erwartet.</translation>
    </message>
    <message>
        <source>A length above zero, up to 1000 m, is expected.</source>
        <translation>Eine Länge über null, bis 1000 m, wird erwartet.</translation>
    </message>
    <message>
        <source>A lever each: open, push to the stop, close.</source>
        <translation>Je ein Hebel: öffnen, bis zum Anschlag schieben, schließen.</translation>
    </message>
    <message>
        <source>A live case is insulated from metal</source>
        <translation>Ein Gehäuse unter Spannung ist von Metall ferngehalten</translation>
    </message>
    <message>
        <source>A load that should be off is on</source>
        <translation>Ein Verbraucher ist an, der aus sein soll</translation>
    </message>
    <message>
        <source>A load's minimum voltage is below its maximum</source>
        <translation>Die kleinste Spannung eines Verbrauchers liegt unter seiner größten</translation>
    </message>
    <message>
        <source>A load's own lead carries its current, and its fuse protects it</source>
        <translation>Der eigene Anschluss eines Verbrauchers trägt seinen Strom, und seine Sicherung schützt ihn</translation>
    </message>
    <message>
        <source>A log of time, volts and amperes</source>
        <translation>Eine Aufzeichnung von Zeit, Volt und Ampere</translation>
    </message>
    <message>
        <source>A material (plastic, wood, metal, fabric, foam), “sealed”, “open”, a size, “wall 3 mm” or “in” another body is expected here.</source>
        <translation>Ein Werkstoff (plastic, wood, metal, fabric, foam), „sealed“, „open“, eine Größe, „wall 3 mm“ oder „in“ einem anderen Gehäuse wird hier erwartet.</translation>
    </message>
    <message>
        <source>A measured way between two places.</source>
        <translation>Ein gemessener Weg zwischen zwei Orten.</translation>
    </message>
    <message>
        <source>A membrane vent at its lowest point passes air but not water; a desiccant bag takes the rest.</source>
        <translation>Eine Membran am tiefsten Punkt lässt Luft durch und Wasser nicht; ein Trockenbeutel nimmt den Rest.</translation>
    </message>
    <message>
        <source>A meter in series, or a log of it working, replaces the guess; edit the line or import the log.</source>
        <translation>Ein billiges Messgerät in Reihe oder eine Aufzeichnung im Betrieb ersetzt die Schätzung; ändere die Zeile oder lies die Aufzeichnung ein.</translation>
    </message>
    <message>
        <source>A meter shows {ohm} across it.</source>
        <translation>Ein Messgerät zeigt daran {ohm}.</translation>
    </message>
    <message>
        <source>A meter, a short or a wrong lead must never find the real one on its wires.</source>
        <translation>Kein Messgerät, kein Kurzschluss und keine falsche Leitung darf je den echten an seinen Drähten finden.</translation>
    </message>
    <message>
        <source>A module and the rail that it gives.</source>
        <translation>Ein Wandler und die Schiene, die er gibt.</translation>
    </message>
    <message>
        <source>A module between them, or one of the two at a time.</source>
        <translation>Ein Wandler dazwischen, oder immer nur eines von beiden.</translation>
    </message>
    <message>
        <source>A module can be set to its voltage</source>
        <translation>Ein Wandler lässt sich auf seine Spannung einstellen</translation>
    </message>
    <message>
        <source>A module has an input it can hold</source>
        <translation>Ein Wandler hat einen Eingang, den er halten kann</translation>
    </message>
    <message>
        <source>A module of its own</source>
        <translation>Ein eigenes Modul</translation>
    </message>
    <message>
        <source>A module of their own</source>
        <translation>Ein eigener Wandler</translation>
    </message>
    <message>
        <source>A module that draws more at rest than its sheet says</source>
        <translation>Ein Wandler, der in Ruhe mehr zieht, als sein Datenblatt sagt</translation>
    </message>
    <message>
        <source>A module's input has 25 % spare above the full pack</source>
        <translation>Der Eingang eines Wandlers hat 25 % Reserve über dem vollen Akku</translation>
    </message>
    <message>
        <source>A motor on a camera's rail shows in the picture; a converter for each adds cost and mass.</source>
        <translation>Einen Motor an der Schiene einer Kamera sieht man im Bild; je ein Wandler kostet und wiegt.</translation>
    </message>
    <message>
        <source>A motor or pump: keep it off the rail of cameras and radios.</source>
        <translation>Ein Motor oder eine Pumpe: halte es von der Schiene von Kameras und Funk fern.</translation>
    </message>
    <message>
        <source>A motor's bridge stays cool and its drop is small</source>
        <translation>Die Brücke eines Motors bleibt kühl und lässt dem Motor seine Volt</translation>
    </message>
    <message>
        <source>A name is expected.</source>
        <translation>Ein Name wird erwartet.</translation>
    </message>
    <message>
        <source>A name is expected: “Arm button 16 mm hole”.</source>
        <translation>Ein Name wird erwartet: „Arm button 16 mm hole“.</translation>
    </message>
    <message>
        <source>A name is expected: “Deck box, plastic, sealed, 220 × 140 × 80 mm”.</source>
        <translation>Ein Name wird erwartet: „Deck box, plastic, sealed, 220 × 140 × 80 mm“.</translation>
    </message>
    <message>
        <source>A name is missing: start with what it is, such as “Fog pump”.</source>
        <translation>Ein Name fehlt: beginne mit dem, was es ist, etwa „Fog pump“.</translation>
    </message>
    <message>
        <source>A named point of a part.</source>
        <translation>Ein benannter Punkt eines Teils.</translation>
    </message>
    <message>
        <source>A new pack</source>
        <translation>Ein neuer Akku</translation>
    </message>
    <message>
        <source>A number is expected here.</source>
        <translation>Hier wird eine Zahl erwartet.</translation>
    </message>
    <message>
        <source>A on screen, and this plan kept as A: press again to change back</source>
        <translation>A auf dem Schirm, und dieser Plan als A behalten: noch einmal drücken wechselt zurück</translation>
    </message>
    <message>
        <source>A pack as new</source>
        <translation>Ein Akku wie neu</translation>
    </message>
    <message>
        <source>A pack is charged at the current recommended for its chemistry</source>
        <translation>Ein Akku wird geladen, wie seine Chemie es mag</translation>
    </message>
    <message>
        <source>A pack of even cells</source>
        <translation>Ein Akku mit gleichen Zellen</translation>
    </message>
    <message>
        <source>A pack of the same age</source>
        <translation>Ein Akku gleichen Alters</translation>
    </message>
    <message>
        <source>A pack still holds most of its capacity</source>
        <translation>Ein Akku hält noch das meiste seiner Kapazität</translation>
    </message>
    <message>
        <source>A pack's plug is rated for its number of matings</source>
        <translation>Der Stecker eines Akkus hält seine Steckungen aus</translation>
    </message>
    <message>
        <source>A panel of {power}</source>
        <translation>Ein Panel mit {power}</translation>
    </message>
    <message>
        <source>A panel's lead is fused where the pack feeds it</source>
        <translation>Die Leitung eines Panels ist dort gesichert, wo der Akku sie speist</translation>
    </message>
    <message>
        <source>A part of the day.</source>
        <translation>Ein Teil des Tages.</translation>
    </message>
    <message>
        <source>A part seated in a wall has room behind it</source>
        <translation>Was in einer Wand sitzt, hat Platz dahinter</translation>
    </message>
    <message>
        <source>A percentage of typical…</source>
        <translation>Ein Prozentsatz des Üblichen…</translation>
    </message>
    <message>
        <source>A phase needs a name.</source>
        <translation>Eine Phase braucht einen Namen.</translation>
    </message>
    <message>
        <source>A photograph of this step</source>
        <translation>Ein Foto dieses Schritts</translation>
    </message>
    <message>
        <source>A picture of the machine</source>
        <translation>Ein Bild der Maschine</translation>
    </message>
    <message>
        <source>A picture of the machine behind the map, its scale, other sides and zones</source>
        <translation>Ein Bild der Maschine hinter der Karte, sein Maßstab, weitere Ansichten und Flächen</translation>
    </message>
    <message>
        <source>A picture of the machine…</source>
        <translation>Ein Bild der Maschine…</translation>
    </message>
    <message>
        <source>A pigtail before it, or a hub of its own, leaves one wire for it.</source>
        <translation>Ein Sammelspleiß davor oder ein eigener Verteiler lässt einen Draht dafür.</translation>
    </message>
    <message>
        <source>A pigtail is one joint to make, cover and test; a branch leaves the through wire uncut, which some builders prefer.</source>
        <translation>Ein Sammelspleiß ist eine einzige Verbindung zum Herstellen, Isolieren und Prüfen; ein Abzweig lässt den durchgehenden Draht ungeschnitten, was manche vorziehen.</translation>
    </message>
    <message>
        <source>A pigtail takes the copper of all its wires, and its tube goes over them</source>
        <translation>Ein Sammelspleiß fasst das Kupfer aller seiner Drähte, und sein Schlauch geht darüber</translation>
    </message>
    <message>
        <source>A pin pushed back in its housing</source>
        <translation>Ein Stift, in sein Gehäuse zurückgedrückt</translation>
    </message>
    <message>
        <source>A pin that did not latch, pushed back by its partner</source>
        <translation>Ein nicht eingerasteter Stift, vom Gegenstück zurückgedrückt</translation>
    </message>
    <message>
        <source>A place for each of them, laid out by what is joined to what</source>
        <translation>Ein Ort für jedes, angeordnet danach, was womit verbunden ist</translation>
    </message>
    <message>
        <source>A place needs a name.</source>
        <translation>Ein Ort braucht einen Namen.</translation>
    </message>
    <message>
        <source>A place of its own</source>
        <translation>Ein eigener Ort</translation>
    </message>
    <message>
        <source>A plug goes in one way only</source>
        <translation>Ein Stecker geht nur auf eine Art hinein</translation>
    </message>
    <message>
        <source>A plug of its lead that is not pushed home</source>
        <translation>Ein Stecker seiner Leitung, der nicht ganz steckt</translation>
    </message>
    <message>
        <source>A plug seen from the wire side is the mirror image of its face: count from the marked pin.</source>
        <translation>Ein von der Leitungsseite gesehener Stecker ist das Spiegelbild seines Gesichts: zähle vom markierten Stift an.</translation>
    </message>
    <message>
        <source>A plug that stays on passes the openings on its way</source>
        <translation>Ein Stecker, der dran bleibt, passt durch die Öffnungen auf seinem Weg</translation>
    </message>
    <message>
        <source>A poor joint or too thin a wire: compare empty and running</source>
        <translation>Eine schlechte Verbindung oder zu dünner Draht: unbelastet und unter Last vergleichen</translation>
    </message>
    <message>
        <source>A quotation mark opens here and is not closed: close it, or take it away.</source>
        <translation>Hier öffnet ein Anführungszeichen und wird nicht geschlossen: schließe es oder nimm es weg.</translation>
    </message>
    <message>
        <source>A rail is set inside the window its loads leave</source>
        <translation>Eine Schiene ist in dem Fenster eingestellt, das ihre Verbraucher lassen</translation>
    </message>
    <message>
        <source>A range has no tolerance: give one or the other.</source>
        <translation>Ein Bereich hat keine Toleranz: gib das eine oder das andere.</translation>
    </message>
    <message>
        <source>A reading of your own.</source>
        <translation>Eine eigene Messung.</translation>
    </message>
    <message>
        <source>A ready-made one to start from; its ends and cores are changed where they stand</source>
        <translation>Ein fertiges als Anfang; Enden und Adern werden geändert, wo sie stehen</translation>
    </message>
    <message>
        <source>A red one shows some 1.8 V and glows, a blue or white one 2.7 V or more; the other way round open.</source>
        <translation>Eine rote zeigt etwa 1,8 V und glimmt, eine blaue oder weiße 2,7 V oder mehr; andersherum offen.</translation>
    </message>
    <message>
        <source>A relay's coil suits what its feed begins with</source>
        <translation>Die Spule eines Relais passt zu dem, womit seine Zuleitung beginnt</translation>
    </message>
    <message>
        <source>A resistance above zero is expected.</source>
        <translation>Ein Widerstand über null wird erwartet.</translation>
    </message>
    <message>
        <source>A resistor across the pair at {part}, 120 Ω or what the boards say.</source>
        <translation>Ein Widerstand über das Paar bei {part}, 120 Ω oder was die Platinen sagen.</translation>
    </message>
    <message>
        <source>A return beside its supply cancels most of it; twisted, nearly all.</source>
        <translation>Ein Rückleiter neben seiner Zuleitung hebt das meiste auf; verdrillt fast alles.</translation>
    </message>
    <message>
        <source>A reversed part leaking</source>
        <translation>Ein verpoltes Teil, das durchlässt</translation>
    </message>
    <message>
        <source>A ring is made for the stud that it goes on</source>
        <translation>Eine Öse ist für den Bolzen gemacht, auf den sie kommt</translation>
    </message>
    <message>
        <source>A ring too wide for its stud touches by a rim; one drilled out tears. A short thicker lead, or a smaller stud beside it, takes the thin wire.</source>
        <translation>Eine Öse, die für ihren Bolzen zu weit ist, liegt nur am Rand auf; eine aufgebohrte reißt. Ein kurzes dickeres Stück oder ein kleinerer Bolzen daneben nimmt den dünnen Draht.</translation>
    </message>
    <message>
        <source>A sealed body has no vents</source>
        <translation>Ein abgedichtetes Gehäuse hat keine Luftlöcher</translation>
    </message>
    <message>
        <source>A sealed body has no vents: less lost in it, larger walls, metal, or shade.</source>
        <translation>Ein abgedichtetes Gehäuse hat keine Luftlöcher: weniger darin verlieren, größere Wände, Metall oder Schatten.</translation>
    </message>
    <message>
        <source>A sealed body stays dry</source>
        <translation>Ein abgedichtetes Gehäuse bleibt trocken</translation>
    </message>
    <message>
        <source>A second draw: say “peak” or “idle” before it.</source>
        <translation>Ein zweiter Strom: sag „peak“ oder „idle“ davor.</translation>
    </message>
    <message>
        <source>A second look at what is vital</source>
        <translation>Zweite Kontrolle der kritischen Verbraucher</translation>
    </message>
    <message>
        <source>A second of heat; no solder where it latches.</source>
        <translation>Eine Sekunde Wärme; kein Lot, wo er einrastet.</translation>
    </message>
    <message>
        <source>A second pack</source>
        <translation>Ein zweiter Akku</translation>
    </message>
    <message>
        <source>A second voltage: one range is enough, such as 20–30 V.</source>
        <translation>Eine zweite Spannung: ein Bereich genügt, etwa 20–30 V.</translation>
    </message>
    <message>
        <source>A sensitive load does not share an unfiltered supply with a noisy one</source>
        <translation>Was empfindlich ist, hängt nicht ungefiltert neben dem, was stört</translation>
    </message>
    <message>
        <source>A servo plug carries no more volts than a servo is rated for</source>
        <translation>Ein Servostecker führt, was ein Servo verträgt</translation>
    </message>
    <message>
        <source>A set of steps</source>
        <translation>Ein Satz Schritte</translation>
    </message>
    <message>
        <source>A sheath</source>
        <translation>Ein Mantel</translation>
    </message>
    <message>
        <source>A sheath is over the cores of a cable</source>
        <translation>Ein Mantel liegt über den Adern eines Kabels</translation>
    </message>
    <message>
        <source>A short at its end</source>
        <translation>Ein Kurzschluss an ihrem Ende</translation>
    </message>
    <message>
        <source>A short at the end of a feed opens something</source>
        <translation>Ein Kurzschluss am Ende einer Zuleitung öffnet etwas</translation>
    </message>
    <message>
        <source>A short at the end of {name}</source>
        <translation>Ein Kurzschluss am Ende von {name}</translation>
    </message>
    <message>
        <source>A short at {part} may open {lead}'s fuse first and turn off {dark} {dark|load|loads}.</source>
        <translation>Ein Kurzschluss bei {part} kann zuerst die Sicherung von {lead} auslösen und {dark} {dark|Verbraucher|Verbraucher} abschalten.</translation>
    </message>
    <message>
        <source>A short in it or in its leads: it will not fire</source>
        <translation>Ein Schluss in ihm oder seinen Drähten: Er zündet nicht</translation>
    </message>
    <message>
        <source>A short in its lead, or a strand across two terminals</source>
        <translation>Ein Kurzschluss in seiner Leitung, oder ein Einzeldraht über zwei Klemmen</translation>
    </message>
    <message>
        <source>A short right behind the fuse of {name}</source>
        <translation>Ein Kurzschluss gleich hinter der Sicherung von {name}</translation>
    </message>
    <message>
        <source>A short {along} along {name}</source>
        <translation>Ein Kurzschluss {along} weit auf {name}</translation>
    </message>
    <message>
        <source>A short: bare strands, a solder bridge or swapped leads</source>
        <translation>Ein Kurzschluss: blanke Einzeldrähte, eine Lötbrücke oder vertauschte Drähte</translation>
    </message>
    <message>
        <source>A side needs a name.</source>
        <translation>Eine Ansicht braucht einen Namen.</translation>
    </message>
    <message>
        <source>A small load may share a circuit whose fuse, wire and plug have room; strong ones get a line.</source>
        <translation>Ein kleiner Verbraucher darf einen Stromkreis teilen, dessen Sicherung, Leitung und Stecker Platz haben; starke bekommen eine eigene Leitung.</translation>
    </message>
    <message>
        <source>A soft start in the controller</source>
        <translation>Ein Sanftanlauf im Regler</translation>
    </message>
    <message>
        <source>A splice in its middle lengthens it: each core joined and covered, none beside another.</source>
        <translation>Ein Spleiß in ihrer Mitte verlängert sie: jede Ader verbunden und isoliert, keine Verbindung neben der anderen.</translation>
    </message>
    <message>
        <source>A spot in the machine.</source>
        <translation>Eine Stelle in der Maschine.</translation>
    </message>
    <message>
        <source>A spot of the machine where parts stand</source>
        <translation>Eine Stelle der Maschine, an der Teile stehen</translation>
    </message>
    <message>
        <source>A stalled motor is protected</source>
        <translation>Ein blockierter Motor wird von etwas angehalten</translation>
    </message>
    <message>
        <source>A step of your own</source>
        <translation>Ein eigener Schritt</translation>
    </message>
    <message>
        <source>A step of your own.</source>
        <translation>Ein eigener Schritt.</translation>
    </message>
    <message>
        <source>A step that is done.</source>
        <translation>Ein erledigter Schritt.</translation>
    </message>
    <message>
        <source>A step to be done as early as it can.</source>
        <translation>Ein Schritt, der so früh wie möglich kommt.</translation>
    </message>
    <message>
        <source>A strap or bracket takes its weight; a tie behind its plug takes the pull of its lead.</source>
        <translation>Ein Band oder Halter nimmt sein Gewicht; ein Binder hinter seinem Stecker nimmt den Zug seiner Leitung.</translation>
    </message>
    <message>
        <source>A strap round it</source>
        <translation>Ein Band darum</translation>
    </message>
    <message>
        <source>A strap round {source}, and a tie behind its plug.</source>
        <translation>Ein Band um {source}, und ein Binder hinter dem Stecker.</translation>
    </message>
    <message>
        <source>A strip of screws instead</source>
        <translation>Stattdessen eine Schraubleiste</translation>
    </message>
    <message>
        <source>A stud or bus bar, and a holder in each lead</source>
        <translation>Ein Bolzen oder eine Schiene, und ein Halter in jeder Leitung</translation>
    </message>
    <message>
        <source>A supply core left connected ties two regulators together: the stronger one back-feeds the other.</source>
        <translation>Eine belassene Versorgung verbindet zwei Regler: der stärkere speist den anderen.</translation>
    </message>
    <message>
        <source>A supply is loaded to 80 % of its rating at most, existing loads included</source>
        <translation>Einem Netzteil traut man 80 % seines Aufdrucks zu, was es schon speist eingerechnet</translation>
    </message>
    <message>
        <source>A supply of {rated}</source>
        <translation>Eine Versorgung mit {rated}</translation>
    </message>
    <message>
        <source>A supply outside, a brick with a low-voltage lead, is said as one: brick 12 V 5 A.</source>
        <translation>Ein Netzteil außerhalb mit Niederspannungsleitung wird so geschrieben: brick 12 V 5 A.</translation>
    </message>
    <message>
        <source>A supply that is slightly too weak shows as a computer that resets at random; a stronger one is heavier and costs more.</source>
        <translation>Eine etwas zu schwache Versorgung zeigt sich als Rechner, der zufällig neu startet; eine starke wiegt und kostet.</translation>
    </message>
    <message>
        <source>A switch breaks its DC voltage</source>
        <translation>Ein Schalter trennt seine Gleichspannung</translation>
    </message>
    <message>
        <source>A switch carries its current</source>
        <translation>Ein Schalter trägt seinen Strom</translation>
    </message>
    <message>
        <source>A switch or relay that does not open</source>
        <translation>Ein Schalter oder Relais, das nicht öffnet</translation>
    </message>
    <message>
        <source>A switch that sticks or a hand that slips is one fault; two at once are rare.</source>
        <translation>Ein klemmender Schalter oder eine abrutschende Hand ist ein Fehler; zwei zugleich sind selten.</translation>
    </message>
    <message>
        <source>A tap takes the circuit's own fuse and the new one, in the slot of the first.</source>
        <translation>Ein Abgriff nimmt die Sicherung des Stromkreises und die neue, im Platz der ersten.</translation>
    </message>
    <message>
        <source>A tap's fuse is no larger than the circuit's</source>
        <translation>Die Sicherung eines Abgriffs ist nicht größer als die des Stromkreises</translation>
    </message>
    <message>
        <source>A tapped circuit's fuse carries the added load</source>
        <translation>Die Sicherung eines angezapften Stromkreises trägt, was dazukommt</translation>
    </message>
    <message>
        <source>A tapped circuit's fuse is no larger than its wire</source>
        <translation>Die Sicherung eines angezapften Stromkreises ist nicht größer, als seine Leitung verträgt</translation>
    </message>
    <message>
        <source>A terminal is 0.2 to 50 mm wide.</source>
        <translation>Eine Klemme ist 0,2 bis 50 mm weit.</translation>
    </message>
    <message>
        <source>A terminal's printed name comes first: “V+ screw 2.5 mm, left”.</source>
        <translation>Zuerst kommt der aufgedruckte Name einer Klemme: „V+ screw 2.5 mm, left“.</translation>
    </message>
    <message>
        <source>A thermal cut-out opens before the part it protects is damaged</source>
        <translation>Ein Übertemperaturschalter öffnet, ehe das Bewachte Schaden nimmt</translation>
    </message>
    <message>
        <source>A thermal cut-out stays closed in normal use</source>
        <translation>Ein Übertemperaturschalter hält jeden Tag durch</translation>
    </message>
    <message>
        <source>A thermal switch sits where the temperature reaches its closing point</source>
        <translation>Ein Thermoschalter sitzt, wo es warm genug wird, dass er schließt</translation>
    </message>
    <message>
        <source>A thin wire pulls out of a wide barrel.</source>
        <translation>Ein dünner Draht rutscht aus einer weiten Hülse.</translation>
    </message>
    <message>
        <source>A third resistor somewhere: boards often have their own</source>
        <translation>Irgendwo ein dritter Widerstand: Platinen bringen oft einen eigenen mit</translation>
    </message>
    <message>
        <source>A tie on either side, or a tube over it: it must not slide.</source>
        <translation>Ein Binder auf jeder Seite, oder ein Schlauch darüber: er darf nicht rutschen.</translation>
    </message>
    <message>
        <source>A time above zero is expected, such as 25 min.</source>
        <translation>Eine Zeit über null wird erwartet, etwa 25 min.</translation>
    </message>
    <message>
        <source>A tool less</source>
        <translation>Ein Werkzeug weniger</translation>
    </message>
    <message>
        <source>A tool more</source>
        <translation>Ein Werkzeug mehr</translation>
    </message>
    <message>
        <source>A transmitter is powered only with its antenna on</source>
        <translation>Ein Sender bekommt nur mit Antenne Strom</translation>
    </message>
    <message>
        <source>A transmitter without its antenna sends its power back into itself.</source>
        <translation>Ein Sender ohne Antenne schickt seine Leistung in sich selbst zurück.</translation>
    </message>
    <message>
        <source>A tray with a hold-down</source>
        <translation>Eine Wanne mit Niederhalter</translation>
    </message>
    <message>
        <source>A tube</source>
        <translation>Ein Schlauch</translation>
    </message>
    <message>
        <source>A tube over all of it: its leads are bare.</source>
        <translation>Ein Schlauch über alles: ihre Drähte sind blank.</translation>
    </message>
    <message>
        <source>A unit is missing: type {dimension}.</source>
        <translation>Eine Einheit fehlt: tippe {dimension}.</translation>
    </message>
    <message>
        <source>A value from 0 to 1000 is expected.</source>
        <translation>Ein Wert von 0 bis 1000 wird erwartet.</translation>
    </message>
    <message>
        <source>A vehicle's battery gives hundreds of amperes: rings and watches off, nothing near an airbag's wiring.</source>
        <translation>Eine Fahrzeugbatterie gibt Hunderte Ampere: Ringe und Uhren ab, nichts an den Leitungen eines Airbags.</translation>
    </message>
    <message>
        <source>A vehicle's battery gives hundreds of amperes: rings and watches off, one spanner, and that insulated.</source>
        <translation>Die Batterie eines Fahrzeugs gibt Hunderte Ampere: Ringe und Uhr ab, ein Schlüssel, und der isoliert.</translation>
    </message>
    <message>
        <source>A voltage above zero is expected.</source>
        <translation>Eine Spannung über null wird erwartet.</translation>
    </message>
    <message>
        <source>A voltage from 0.5 to 60 V is expected.</source>
        <translation>Eine Spannung von 0.5 bis 60 V wird erwartet.</translation>
    </message>
    <message>
        <source>A voltage is missing, such as 12 V or 7–26 V.</source>
        <translation>Eine Spannung fehlt, etwa 12 V oder 7–26 V.</translation>
    </message>
    <message>
        <source>A voltage, current or power is expected here.</source>
        <translation>Hier wird eine Spannung, ein Strom oder eine Leistung erwartet.</translation>
    </message>
    <message>
        <source>A way goes through openings of walls that it passes</source>
        <translation>Ein Weg führt durch Öffnungen von Wänden, durch die er geht</translation>
    </message>
    <message>
        <source>A way through a wall has an opening there</source>
        <translation>Ein Weg durch eine Wand hat dort eine Öffnung</translation>
    </message>
    <message>
        <source>A whip is open here; a loop or a patch with a shorting pin shows a short, as its sheet says.</source>
        <translation>Ein Stab ist hier offen; eine Schleife oder ein Patch mit Kurzschlussstift zeigt einen Kurzschluss, wie ihr Datenblatt sagt.</translation>
    </message>
    <message>
        <source>A whole machine to look at and change; it opens as a copy.</source>
        <translation>Eine ganze Maschine zum Ansehen und Ändern; sie öffnet als Kopie.</translation>
    </message>
    <message>
        <source>A whole number of wires, from 1 to 100, is expected.</source>
        <translation>Eine ganze Anzahl von Drähten, von 1 bis 100, wird erwartet.</translation>
    </message>
    <message>
        <source>A wire</source>
        <translation>Eine Ader</translation>
    </message>
    <message>
        <source>A wire size is a gauge such as 18 AWG or 2/0 AWG, or an area such as 0.75 mm².</source>
        <translation>Eine Leitungsgröße ist eine Nummer wie 18 AWG oder 2/0 AWG oder ein Querschnitt wie 0.75 mm².</translation>
    </message>
    <message>
        <source>A word that says what it is, what it is called, then facts parted by commas.</source>
        <translation>Ein Wort, das sagt, was es ist, wie es heißt, dann Angaben, durch Kommas getrennt.</translation>
    </message>
    <message>
        <source>A year is the longest phase.</source>
        <translation>Ein Jahr ist die längste Phase.</translation>
    </message>
    <message>
        <source>A {best} is strong enough there too and needs only: {list}.</source>
        <translation>Auch {best} hält dort und will nur: {list}.</translation>
    </message>
    <message>
        <source>A {best} takes {least} to {most}.</source>
        <translation>{best} nimmt {least} bis {most}.</translation>
    </message>
    <message>
        <source>A {word}: it draws nothing itself{polar|, and minds which way round it is|}.</source>
        <translation>{word}: zieht selbst nichts{polar|, und es kommt darauf an, wie herum|}.</translation>
    </message>
    <message>
        <source>AA</source>
        <translation>AA</translation>
    </message>
    <message>
        <source>AAA</source>
        <translation>AAA</translation>
    </message>
    <message>
        <source>AGM</source>
        <translation>AGM</translation>
    </message>
    <message>
        <source>AWG</source>
        <translation>AWG</translation>
    </message>
    <message>
        <source>AWG or mm²</source>
        <translation>AWG oder mm²</translation>
    </message>
    <message>
        <source>Above</source>
        <translation>Von oben</translation>
    </message>
    <message>
        <source>Above 0 and up to 10 m is expected.</source>
        <translation>Erwartet wird über 0 und bis 10 m.</translation>
    </message>
    <message>
        <source>Above 0.5 J, or from 25 V with 1000 µF up: pre-charge through a resistor or use an anti-spark plug.</source>
        <translation>Über 0,5 J, oder ab 25 V mit 1000 µF: über einen Widerstand vorladen oder einen Antifunkenstecker nehmen.</translation>
    </message>
    <message>
        <source>Above {rated_amps} it empties faster: Peukert exponent {peukert}.</source>
        <translation>Über {rated_amps} wird er schneller leer: Peukert-Exponent {peukert}.</translation>
    </message>
    <message>
        <source>Across the coil a diode, its band to the coil's +, unless it has one inside.</source>
        <translation>Über die Spule eine Diode, ihr Ring an + der Spule, wenn sie keine in sich hat.</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Add a body</source>
        <translation>Ein Gehäuse hinzufügen</translation>
    </message>
    <message>
        <source>Add a cable  ▾</source>
        <translation>Kabel hinzufügen  ▾</translation>
    </message>
    <message>
        <source>Add a core</source>
        <translation>Eine Ader hinzufügen</translation>
    </message>
    <message>
        <source>Add a part</source>
        <translation>Ein Teil hinzufügen</translation>
    </message>
    <message>
        <source>Add a part of the day</source>
        <translation>Einen Teil des Tages hinzufügen</translation>
    </message>
    <message>
        <source>Add a phase</source>
        <translation>Eine Phase hinzufügen</translation>
    </message>
    <message>
        <source>Add a place</source>
        <translation>Einen Ort hinzufügen</translation>
    </message>
    <message>
        <source>Add a side</source>
        <translation>Eine Ansicht hinzufügen</translation>
    </message>
    <message>
        <source>Add a way</source>
        <translation>Einen Weg hinzufügen</translation>
    </message>
    <message>
        <source>Add a zone</source>
        <translation>Eine Fläche hinzufügen</translation>
    </message>
    <message>
        <source>Add a {word}</source>
        <translation>{word} hinzufügen</translation>
    </message>
    <message>
        <source>Add capacitors to {capacitance}</source>
        <translation>Kondensatoren bis {capacitance} ergänzen</translation>
    </message>
    <message>
        <source>Add {count} × {name}</source>
        <translation>{count} × {name} hinzufügen</translation>
    </message>
    <message>
        <source>Add {name}</source>
        <translation>{name} hinzufügen</translation>
    </message>
    <message>
        <source>Add: {section}</source>
        <translation>Hinzufügen: {section}</translation>
    </message>
    <message>
        <source>Added a {source}</source>
        <translation>{source} hinzugefügt</translation>
    </message>
    <message>
        <source>Add…	Insert</source>
        <translation>Hinzufügen…	Insert</translation>
    </message>
    <message>
        <source>Adhesive tube: sealed; for wet and shaken places.</source>
        <translation>Schlauch mit Kleber: dicht; für Nasses und Geschütteltes.</translation>
    </message>
    <message>
        <source>After it has been seen to turn: until then clips hold it.</source>
        <translation>Wenn er sich einmal gedreht hat: bis dahin hängt er an Klemmen.</translation>
    </message>
    <message>
        <source>After it has been tested: a tied harness is slow to open again.</source>
        <translation>Nach der Prüfung: ein gebundener Kabelbaum ist mühsam wieder zu öffnen.</translation>
    </message>
    <message>
        <source>After its lead is made up, which is easier on the bench.</source>
        <translation>Nachdem seine Leitung fertig ist, was auf dem Tisch leichter geht.</translation>
    </message>
    <message>
        <source>After its leads are joined and measured: a stuck part has to be torn off to be repaired.</source>
        <translation>Nachdem seine Leitungen verbunden und gemessen sind: was klebt, wird zum Ausbessern abgerissen.</translation>
    </message>
    <message>
        <source>After its tubes are on.</source>
        <translation>Nachdem ihre Schläuche darauf sind.</translation>
    </message>
    <message>
        <source>After its wires are on: a board glued into tube cannot be soldered.</source>
        <translation>Nachdem seine Drähte dran sind: was zugeklebt ist, wird nicht mehr gelötet.</translation>
    </message>
    <message>
        <source>After the converter is set: an unset one can destroy what it feeds.</source>
        <translation>Nachdem der Wandler eingestellt ist: ein nicht eingestellter kann Angeschlossenes zerstören.</translation>
    </message>
    <message>
        <source>After the joints beneath it: they can no longer be reached.</source>
        <translation>Nach den Verbindungen darunter: an sie kommt man nicht mehr heran.</translation>
    </message>
    <message>
        <source>After the rails, because motors draw the most current.</source>
        <translation>Nach den Schienen, weil Motoren am meisten ziehen.</translation>
    </message>
    <message>
        <source>After the rails: one thing more at a time.</source>
        <translation>Nach den Schienen: immer nur eines mehr.</translation>
    </message>
    <message>
        <source>After the shorts test. Those behind the modules wait until the outputs have been read.</source>
        <translation>Nach der Suche nach Kurzschlüssen. Die hinter den Wandlern warten, bis deren Ausgänge gelesen sind.</translation>
    </message>
    <message>
        <source>After what lies beneath it, at {place}.</source>
        <translation>Nach dem, was darunter liegt, bei {place}.</translation>
    </message>
    <message>
        <source>After ± a percentage is expected, such as ±10 %.</source>
        <translation>Nach ± wird ein Prozentsatz erwartet, etwa ±10 %.</translation>
    </message>
    <message>
        <source>After “bridge” its ohms or the volts it takes are expected, such as bridge 0.3 Ω.</source>
        <translation>Nach „bridge“ werden ihre Ohm oder die Volt erwartet, die sie nimmt, etwa bridge 0.3 Ω.</translation>
    </message>
    <message>
        <source>After “idle” a current is expected, such as idle 80 mA.</source>
        <translation>Nach „idle“ wird ein Strom erwartet, etwa idle 80 mA.</translation>
    </message>
    <message>
        <source>After “{word}” a current or power is expected, such as {word} 14 A 0.4 s.</source>
        <translation>Nach „{word}“ wird ein Strom oder eine Leistung erwartet, etwa {word} 14 A 0.4 s.</translation>
    </message>
    <message>
        <source>Against a lead of {wire}: conductor {conductor}, over insulation {outer}</source>
        <translation>Gegen einen Anschluss {wire}: Leiter {conductor}, über der Isolierung {outer}</translation>
    </message>
    <message>
        <source>Against the light with a glass: bridges, whiskers, balls, joints never made.</source>
        <translation>Gegen das Licht mit der Lupe: Brücken, Härchen, Kügelchen, nie gemachte Lötstellen.</translation>
    </message>
    <message>
        <source>Air</source>
        <translation>Luft</translation>
    </message>
    <message>
        <source>Air from −60 to 100 °C is understood.</source>
        <translation>Luft von −60 bis 100 °C wird verstanden.</translation>
    </message>
    <message>
        <source>Air inside {body}</source>
        <translation>Luft in {body}</translation>
    </message>
    <message>
        <source>Air moved: {moved_air} m³/h</source>
        <translation>Bewegte Luft: {moved_air} m³/h</translation>
    </message>
    <message>
        <source>Air: {message}</source>
        <translation>Luft: {message}</translation>
    </message>
    <message>
        <source>Airbag: battery off and ten minutes gone before a panel near it is touched; its plugs are neither opened nor measured. Under your local code this may be for a licensed hand.</source>
        <translation>Airbag: Batterie ab und zehn Minuten vorbei, ehe eine Verkleidung in der Nähe berührt wird; seine Stecker werden weder geöffnet noch gemessen. Nach örtlicher Vorschrift vielleicht Sache einer Fachkraft.</translation>
    </message>
    <message>
        <source>All done: the wide tube over the lot, onto the lead on either side, and shrink it.</source>
        <translation>Alle fertig: den weiten Schlauch über das Ganze, bis auf die Leitung beiderseits, und schrumpfen.</translation>
    </message>
    <message>
        <source>All insulation ends in one line; lay the bared ends side by side.</source>
        <translation>Alle Isolierungen enden auf einer Linie; leg die blanken Enden nebeneinander.</translation>
    </message>
    <message>
        <source>All insulation ends in one line; twist the bared ends once.</source>
        <translation>Alle Isolierungen enden auf einer Linie; verdrille die blanken Enden einmal.</translation>
    </message>
    <message>
        <source>All is built.</source>
        <translation>Alles ist gebaut.</translation>
    </message>
    <message>
        <source>All leads that end at it, by the measured ways, in the wires that they have: {wire_now} of {now} now, {wire_then} of {then} there.</source>
        <translation>Alle Leitungen, die dort enden, über die gemessenen Wege, in ihren Drähten: {wire_now} mit {now} jetzt, {wire_then} mit {then} dort.</translation>
    </message>
    <message>
        <source>All loads as a table for a spreadsheet</source>
        <translation>Alle Verbraucher als Tabelle</translation>
    </message>
    <message>
        <source>All on</source>
        <translation>Alles an</translation>
    </message>
    <message>
        <source>All packs give</source>
        <translation>Alle Akkus geben</translation>
    </message>
    <message>
        <source>All three pairs alike within a tenth: one that is higher is an open or a cold joint.</source>
        <translation>Alle drei Paare gleich auf ein Zehntel: ein höheres ist eine Unterbrechung oder kalte Lötstelle.</translation>
    </message>
    <message>
        <source>All were tried, and no step betters the best shown.</source>
        <translation>Alle wurden versucht, und kein Schritt verbessert das Beste, was gezeigt ist.</translation>
    </message>
    <message>
        <source>All wires of the lead go through it together: one alone would saturate it.</source>
        <translation>Alle Adern der Leitung gehen zusammen hindurch: eine allein würde ihn sättigen.</translation>
    </message>
    <message>
        <source>All {there} of it is used: nothing is cut off.</source>
        <translation>Alle {there} werden gebraucht: nichts wird abgeschnitten.</translation>
    </message>
    <message>
        <source>Alternating current is outside this tool; a DC voltage is expected.</source>
        <translation>Wechselstrom liegt außerhalb dieses Werkzeugs; eine Gleichspannung wird erwartet.</translation>
    </message>
    <message>
        <source>Always-on loads and modules: {first} idle to {second} working; modules differ by a third.</source>
        <translation>Immer laufende Verbraucher und Wandler: {first} im Leerlauf bis {second} arbeitend; Wandler unterscheiden sich um ein Drittel.</translation>
    </message>
    <message>
        <source>Always-on loads branch before every switch</source>
        <translation>Immer laufende Verbraucher zweigen vor jedem Schalter ab</translation>
    </message>
    <message>
        <source>Ambient temperature</source>
        <translation>Umgebungstemperatur</translation>
    </message>
    <message>
        <source>Ambient temperature of the machine</source>
        <translation>Umgebungstemperatur der Maschine</translation>
    </message>
    <message>
        <source>Ambient temperature: {air_text}…</source>
        <translation>Umgebungstemperatur: {air_text}…</translation>
    </message>
    <message>
        <source>An action, a thing, a setting: type some of its words</source>
        <translation>Eine Handlung, ein Ding, eine Einstellung: tippe einige ihrer Wörter</translation>
    </message>
    <message>
        <source>An always-on load does not depend on the ignition key</source>
        <translation>Was an bleiben muss, hängt nicht am Schlüssel</translation>
    </message>
    <message>
        <source>An always-on load is not connected or its fuse is out</source>
        <translation>Ein immer laufender Verbraucher ist nicht angeschlossen, oder seine Sicherung ist heraus</translation>
    </message>
    <message>
        <source>An area of a side that ways meet something in.</source>
        <translation>Eine Fläche einer Ansicht, in der Wege auf etwas treffen.</translation>
    </message>
    <message>
        <source>An arming plug and a switch in its lead</source>
        <translation>Ein Scharfstecker und ein Schalter in seiner Leitung</translation>
    </message>
    <message>
        <source>An arming plug in its lead</source>
        <translation>Ein Scharfstecker in seiner Leitung</translation>
    </message>
    <message>
        <source>An empty holder has no continuity; the clip lead takes the place of the fuse.</source>
        <translation>Durch einen leeren Halter piepst nichts; der Clip steht für die Sicherung.</translation>
    </message>
    <message>
        <source>An entry of the log.</source>
        <translation>Ein Eintrag des Logbuchs.</translation>
    </message>
    <message>
        <source>An evening to build in.</source>
        <translation>Ein Abend zum Bauen.</translation>
    </message>
    <message>
        <source>An igniter fires by two separate actions</source>
        <translation>Ein Zünder zündet durch zwei getrennte Handlungen</translation>
    </message>
    <message>
        <source>An open flame: nothing that burns within reach, no battery, no solvent or fuel near it.</source>
        <translation>Offene Flamme: nichts Brennbares in Reichweite, kein Akku, kein Lösemittel oder Kraftstoff in der Nähe.</translation>
    </message>
    <message>
        <source>An open return: measure from its − to the hub's −</source>
        <translation>Eine offene Rückleitung: von seinem − zum − des Verteilers messen</translation>
    </message>
    <message>
        <source>An opening is 0.5 to 200 mm wide.</source>
        <translation>Eine Öffnung ist 0,5 bis 200 mm weit.</translation>
    </message>
    <message>
        <source>An opening…</source>
        <translation>Eine Öffnung…</translation>
    </message>
    <message>
        <source>An operator or the same kind of unit is missing here.</source>
        <translation>Ein Rechenzeichen oder dieselbe Art von Einheit fehlt hier.</translation>
    </message>
    <message>
        <source>An overcharged pack vents or burns. Never leave one charging unattended.</source>
        <translation>Ein überladener Akku gast oder brennt. Nie unbeaufsichtigt laden.</translation>
    </message>
    <message>
        <source>An overhand knot here, pulled snug: a tug ends at the wall and not at the joint.</source>
        <translation>Hier ein einfacher Knoten, fest gezogen: Ein Ruck endet an der Wand und nicht an der Verbindung.</translation>
    </message>
    <message>
        <source>An untwisted pair is a loop that radiates its load's noise; twisted, each turn cancels the one before.</source>
        <translation>Ein offen liegendes Paar ist eine Schleife, die sendet, was ihr Verbraucher macht; verdrillt hebt jede Windung die vorige auf.</translation>
    </message>
    <message>
        <source>And back again: a step that undoes it</source>
        <translation>Und wieder zurück: ein Schritt, der ihn zurücknimmt</translation>
    </message>
    <message>
        <source>And no charger suits both.</source>
        <translation>Und kein Ladegerät passt für beide.</translation>
    </message>
    <message>
        <source>Another end</source>
        <translation>Ein anderes Ende</translation>
    </message>
    <message>
        <source>Another kind of cable</source>
        <translation>Eine andere Art Kabel</translation>
    </message>
    <message>
        <source>Another one than the plan's: read its sheet</source>
        <translation>Ein anderer als der des Plans: sein Blatt lesen</translation>
    </message>
    <message>
        <source>Another panel than the plan's: read its plate</source>
        <translation>Ein anderes Modul als das des Plans: Typenschild lesen</translation>
    </message>
    <message>
        <source>Another part than the plan's: read its sheet</source>
        <translation>Ein anderes Teil als das des Plans: lies sein Datenblatt</translation>
    </message>
    <message>
        <source>Another plug</source>
        <translation>Ein anderer Stecker</translation>
    </message>
    <message>
        <source>Another program had changed the file; what it wrote is in {other}.</source>
        <translation>Ein anderes Programm hatte die Datei geändert; was es schrieb, ist in {other}.</translation>
    </message>
    <message>
        <source>Another program has changed the file: {error}</source>
        <translation>Ein anderes Programm hat die Datei geändert: {error}</translation>
    </message>
    <message>
        <source>Another program has changed {fileName}. Saving keeps both.</source>
        <translation>Ein anderes Programm hat {fileName} geändert. Sichern behält beides.</translation>
    </message>
    <message>
        <source>Another program has changed {fileName}: this is what it wrote.</source>
        <translation>Ein anderes Programm hat {fileName} geändert: das hat es geschrieben.</translation>
    </message>
    <message>
        <source>Another side</source>
        <translation>Eine weitere Ansicht</translation>
    </message>
    <message>
        <source>Another size</source>
        <translation>Eine andere Größe</translation>
    </message>
    <message>
        <source>Another source</source>
        <translation>Eine weitere Quelle</translation>
    </message>
    <message>
        <source>Another supply than the plan's: read its plate</source>
        <translation>Ein anderes Netzteil als das des Plans: lies sein Typenschild</translation>
    </message>
    <message>
        <source>Another way round it: a second feed, or a bridge</source>
        <translation>Ein anderer Weg außen herum: eine zweite Zuleitung oder eine Brücke</translation>
    </message>
    <message>
        <source>Another wire</source>
        <translation>Eine andere Leitung</translation>
    </message>
    <message>
        <source>Antenna on {load}</source>
        <translation>Antenne an {load}</translation>
    </message>
    <message>
        <source>Any holder for it</source>
        <translation>Irgendein Halter dafür</translation>
    </message>
    <message>
        <source>Arm alone: dark.</source>
        <translation>Nur scharf: dunkel.</translation>
    </message>
    <message>
        <source>Arm button, 16 mm hole, at a place</source>
        <translation>Arm button, 16 mm hole, at a place</translation>
    </message>
    <message>
        <source>Arming plug of {load}</source>
        <translation>Scharfstecker von {load}</translation>
    </message>
    <message>
        <source>Arrived</source>
        <translation>Angekommen</translation>
    </message>
    <message>
        <source>As in this plan</source>
        <translation>Wie in diesem Plan</translation>
    </message>
    <message>
        <source>As it goes</source>
        <translation>Wie es abläuft</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Wie es ist</translation>
    </message>
    <message>
        <source>As new again</source>
        <translation>Wieder wie neu</translation>
    </message>
    <message>
        <source>As one line, like the schools of a plan. Empty: the usual ones.</source>
        <translation>Als eine Zeile, wie die Schulen eines Plans. Leer: die üblichen.</translation>
    </message>
    <message>
        <source>As round as the stretches on either side allow; the other half of each is left to the bend at its other end.</source>
        <translation>So rund, wie es die Strecken auf beiden Seiten erlauben; die andere Hälfte jeder Strecke bleibt dem Bogen an ihrem anderen Ende.</translation>
    </message>
    <message>
        <source>As you would say it: “Fog pump 12 V 4.6 A start 14 A 0.4 s noisy”, then Enter. Propose wires it.</source>
        <translation>Wie du es sagen würdest: „Fog pump 12 V 4.6 A start 14 A 0.4 s noisy“, dann Enter. Vorschlagen verdrahtet es.</translation>
    </message>
    <message>
        <source>Assumed: {list}.</source>
        <translation>Angenommen: {list}.</translation>
    </message>
    <message>
        <source>At 80 % of its capacity a pack counts as worn; from there it fades faster.</source>
        <translation>Bei 80 % seiner Kapazität gilt ein Akku als verbraucht; von da an schwindet er schneller.</translation>
    </message>
    <message>
        <source>At hand: so much of it lies in a drawer…</source>
        <translation>Vorhanden: so viel davon liegt in einer Schublade…</translation>
    </message>
    <message>
        <source>At least {least}, so that what was found too small is not.</source>
        <translation>Mindestens {least}, damit nicht zu klein bleibt, was sich als zu klein erwies.</translation>
    </message>
    <message>
        <source>At nominal</source>
        <translation>Auf Nennwert</translation>
    </message>
    <message>
        <source>At rest {who} {count|is|are together} {rest}, windings and cold filaments behind their leads.</source>
        <translation>In Ruhe {who} {count|ist|sind zusammen} {rest}, Wicklungen und kalte Glühfäden hinter ihren Leitungen.</translation>
    </message>
    <message>
        <source>At the one-second peak, cold and nearly empty, the pack stays above its cut-off</source>
        <translation>In der stärksten Sekunde, kalt und fast leer, bleibt der Akku über seiner Abschaltung</translation>
    </message>
    <message>
        <source>At twice the distance it is a quarter; crossing at right angles it is nothing.</source>
        <translation>Doppelt so weit ist ein Viertel; im rechten Winkel gekreuzt ist nichts.</translation>
    </message>
    <message>
        <source>At {at} from {part}: {hold_reason}.</source>
        <translation>Bei {at} ab {part}: {hold_reason}.</translation>
    </message>
    <message>
        <source>At {charge} charge in {ambient} it still gets {usually}: below that, no full power.</source>
        <translation>Bei {charge} Ladung in {ambient} erhält es noch {usually}: darunter keine volle Leistung.</translation>
    </message>
    <message>
        <source>At {charge} charge in {ambient}: {usual_lowest}.</source>
        <translation>Bei {charge} Ladung in {ambient} liegt sie bei {usual_lowest}.</translation>
    </message>
    <message>
        <source>At {charge} charge, in {ambient}: {strongest} ÷ {at_worst} = {peak}</source>
        <translation>Bei {charge} Ladung, in {ambient}: {strongest} ÷ {at_worst} = {peak}</translation>
    </message>
    <message>
        <source>At {crossing} the fuse may take {slow_edge}; the wire withstands that for {damage_time}.</source>
        <translation>Bei {crossing} darf die Sicherung {slow_edge} brauchen; die Leitung hält das {damage_time} aus.</translation>
    </message>
    <message>
        <source>At {current} the {rating} above may open after {earliest}, the {rating_2} here as late as {latest}.</source>
        <translation>Bei {current} öffnet die {rating} davor vielleicht nach {earliest}, die {rating_2} hier erst nach {latest}.</translation>
    </message>
    <message>
        <source>At {noise}: {attenuation} dB{attenuation_2|, which makes it worse|}.</source>
        <translation>Bei {noise}: {attenuation} dB{attenuation_2|, was es schlimmer macht|}.</translation>
    </message>
    <message>
        <source>At {part} its plug stays on: nothing is made there.</source>
        <translation>An {part} bleibt der Stecker dran: dort ist nichts zu machen.</translation>
    </message>
    <message>
        <source>At {part}: its − and that of {part_2} in one joint.</source>
        <translation>Bei {part}: sein − und das von {part_2} in einer Verbindung.</translation>
    </message>
    <message>
        <source>B, now</source>
        <translation>B, jetzt</translation>
    </message>
    <message>
        <source>Back to A</source>
        <translation>Zurück zu A</translation>
    </message>
    <message>
        <source>Back to the saved plan</source>
        <translation>Zurück zum gesicherten Plan</translation>
    </message>
    <message>
        <source>Back to the version before</source>
        <translation>Zurück zur Fassung davor</translation>
    </message>
    <message>
        <source>Back to the version before the last saving</source>
        <translation>Zurück zur Fassung vor dem letzten Sichern</translation>
    </message>
    <message>
        <source>Bare 12 mm in the middle of the through wire without nicking it.</source>
        <translation>Leg in der Mitte des durchgehenden Drahts 12 mm frei, ohne ihn anzukerben.</translation>
    </message>
    <message>
        <source>Batteries compared</source>
        <translation>Akkus verglichen</translation>
    </message>
    <message>
        <source>Battery</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>Battery off before panels near airbags, igniters or bare terminals are moved.</source>
        <translation>Batterie ab, bevor Verkleidungen nahe Airbags, Zündern oder blanken Klemmen bewegt werden.</translation>
    </message>
    <message>
        <source>Battery, rails, fuses and wires for these loads, with reasons (Ctrl+Enter)</source>
        <translation>Akku, Schienen, Sicherungen und Leitungen für diese Verbraucher, mit Gründen (Strg+Enter)</translation>
    </message>
    <message>
        <source>Battery, wires, modules, fuses, switches and plugs</source>
        <translation>Akku, Leitungen, Wandler, Sicherungen, Schalter und Stecker</translation>
    </message>
    <message>
        <source>Beep every lead end to end</source>
        <translation>Jede Leitung von Ende zu Ende durchpiepsen</translation>
    </message>
    <message>
        <source>Before a wire is cut: what is there decides what fits.</source>
        <translation>Ehe ein Draht geschnitten wird: was da ist, entscheidet, was passt.</translation>
    </message>
    <message>
        <source>Before first power.</source>
        <translation>Vor dem ersten Strom.</translation>
    </message>
    <message>
        <source>Before it is terminated: a free end is easier to route past obstacles.</source>
        <translation>Ehe sie angeschlossen ist: ein freies Ende führt sich leichter an dem vorbei, was ihm schadet.</translation>
    </message>
    <message>
        <source>Before it is terminated: a plug, a lug or a fuse holder may not pass the hole.</source>
        <translation>Ehe sie angeschlossen ist: ein Stecker, ein Kabelschuh oder ein Sicherungshalter geht vielleicht nicht durch das Loch.</translation>
    </message>
    <message>
        <source>Before its loads: a wrong or defective converter is found while nothing is connected.</source>
        <translation>Vor seinen Verbrauchern: ein falscher oder defekter Wandler wird gefunden, solange nichts angeschlossen ist.</translation>
    </message>
    <message>
        <source>Before its loads: an unset converter can put out far more than they are rated for.</source>
        <translation>Vor seinen Verbrauchern: ein nicht eingestellter Wandler kann viel mehr ausgeben, als sie vertragen.</translation>
    </message>
    <message>
        <source>Before its wires are on: its nut goes over them only while their ends are bare.</source>
        <translation>Bevor seine Drähte dran sind: seine Mutter geht nur darüber, solange ihre Enden blank sind.</translation>
    </message>
    <message>
        <source>Before the continuity test: a pin in the wrong position is found while nothing is powered.</source>
        <translation>Vor dem Piepsen: ein Stift im falschen Loch wird gefunden, solange nichts Volt hat.</translation>
    </message>
    <message>
        <source>Before the first wire: chips and a slipping drill damage wires already laid.</source>
        <translation>Vor dem ersten Draht: Späne und ein abrutschender Bohrer beschädigen, was schon verlegt ist.</translation>
    </message>
    <message>
        <source>Before the lid: what is held behind it cannot be reached any more.</source>
        <translation>Vor dem Deckel: was dahinter gehalten wird, ist nicht mehr erreichbar.</translation>
    </message>
    <message>
        <source>Before the wet place: a loop that hangs lower than where it goes on, so that drops fall off it.</source>
        <translation>Vor der nassen Stelle: eine Schlaufe, die tiefer hängt als ihre Fortsetzung, damit Tropfen abfallen.</translation>
    </message>
    <message>
        <source>Before them, over both leads: {cut} of {tube}, for when each joint has its own.</source>
        <translation>Davor, über beide Leitungen: {cut} {tube}, für dann, wenn jede Verbindung ihren eigenen hat.</translation>
    </message>
    <message>
        <source>Behind the {name} switch</source>
        <translation>Hinter dem Schalter {name}</translation>
    </message>
    <message>
        <source>Below 0.5 J: a small spark with little contact wear.</source>
        <translation>Unter 0,5 J: ein kleiner Funke, der den Stecker wenig abnutzt.</translation>
    </message>
    <message>
        <source>Below 60 V DC. Battery fuse last. W-numbers are the labels at both ends of a wire; lengths are one way.</source>
        <translation>Unter 60 V Gleichspannung. Akkusicherung zuletzt. W-Nummern sind die Schilder an beiden Enden einer Leitung; Längen gelten für einen Weg.</translation>
    </message>
    <message>
        <source>Below {most}; tug with {tug_newton:.0f} N.</source>
        <translation>Unter {most}; zieh mit {tug_newton:.0f} N.</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>Bend {number}</source>
        <translation>Knick {number}</translation>
    </message>
    <message>
        <source>Bent tighter, the insulation thins on the outside and strands break with time.</source>
        <translation>Enger wird die Isolierung außen dünn, und Einzeldrähte brechen mit der Zeit.</translation>
    </message>
    <message>
        <source>Beside it</source>
        <translation>Daneben</translation>
    </message>
    <message>
        <source>Best in mass, cost, run time and rails to be made; up to {no_matter} is no difference, and more than {enough_days} days of work on one charge count no more.</source>
        <translation>Am besten in Masse, Kosten, Laufzeit und zu machenden Schienen; bis {no_matter} ist kein Unterschied, und mehr als {enough_days} Tage Arbeit mit einer Ladung zählen nicht mehr.</translation>
    </message>
    <message>
        <source>Biot and Savart for long straight conductors</source>
        <translation>Biot und Savart für lange gerade Leiter</translation>
    </message>
    <message>
        <source>Black is minus</source>
        <translation>Schwarz ist Minus</translation>
    </message>
    <message>
        <source>Board</source>
        <translation>Platine</translation>
    </message>
    <message>
        <source>Bolt {part} − to the frame</source>
        <translation>Schraube {part} − an den Rahmen</translation>
    </message>
    <message>
        <source>Bolted short, full pack, loads off; slow edge of each fuse; lumped heat of copper and wall, resistance with it</source>
        <translation>Satter Kurzschluss, voller Akku, Verbraucher aus; langsame Kante jeder Sicherung; Wärme von Kupfer und Mantel zusammen, Widerstand mit ihr</translation>
    </message>
    <message>
        <source>Bolts no longer than its bell allows: a long one reaches the winding.</source>
        <translation>Schrauben nicht länger, als seine Glocke erlaubt: eine lange erreicht die Wicklung.</translation>
    </message>
    <message>
        <source>Both actions are tested with a lamp instead of the igniter.</source>
        <translation>Zwei getrennte Handlungen werden mit dem erprobt, was nichts verbrennt.</translation>
    </message>
    <message>
        <source>Both cores of a twisted pair pick up the same noise, and the difference stays clean.</source>
        <translation>Was die eine Ader aufnimmt, nimmt auch die andere auf, und der Unterschied bleibt sauber; aber nur verdrillt.</translation>
    </message>
    <message>
        <source>Both done: the wide tube over both, a finger's width beyond theirs, and shrink it.</source>
        <translation>Beide fertig: den weiten Schlauch über beide, eine Fingerbreite über ihre hinaus, und schrumpfen.</translation>
    </message>
    <message>
        <source>Both ends are in {part}: {length} taken.</source>
        <translation>Beide Enden sind in {part}: {length} angenommen.</translation>
    </message>
    <message>
        <source>Both ends of every feed have a joint</source>
        <translation>Beide Enden jeder Zuleitung haben eine Verbindung</translation>
    </message>
    <message>
        <source>Both faces clean and dry, wiped with alcohol.</source>
        <translation>Beide Flächen sauber und trocken, mit Alkohol abgewischt.</translation>
    </message>
    <message>
        <source>Both faces wiped with alcohol, a thin ring of glue, held until it sets.</source>
        <translation>Beide Flächen mit Alkohol abwischen, dünner Klebering, halten, bis er fest ist.</translation>
    </message>
    <message>
        <source>Both its leads joined and covered. Leave the fuse out.</source>
        <translation>Beide Anschlüsse verbunden und isoliert. Die Sicherung bleibt heraus.</translation>
    </message>
    <message>
        <source>Both its places stay empty: it goes into the slot last of all.</source>
        <translation>Beide Plätze bleiben leer: Er kommt ganz zuletzt in seinen Platz.</translation>
    </message>
    <message>
        <source>Both under the nuts of the holder for the {rating} fuse. Leave the link out.</source>
        <translation>Beide unter die Muttern des Halters für die Sicherung {rating}. Die Sicherung selbst bleibt heraus.</translation>
    </message>
    <message>
        <source>Both: the lamp lights. Let go: it goes out.</source>
        <translation>Beides: Die Lampe leuchtet. Loslassen: Sie geht aus.</translation>
    </message>
    <message>
        <source>Breaker in the {lead}</source>
        <translation>Schutzschalter in: {lead}</translation>
    </message>
    <message>
        <source>Bricks are loaded to 80 % of their rating; everything on one resets together.</source>
        <translation>Steckernetzteilen traut man 80 % des Aufdrucks zu; was an einem hängt, startet gemeinsam neu.</translation>
    </message>
    <message>
        <source>Browns out in {browns_out} of them.</source>
        <translation>Bekommt in {browns_out} davon zu wenig.</translation>
    </message>
    <message>
        <source>Brush noise of motors and pumps reaches everything on the same supply.</source>
        <translation>Motoren und Pumpen legen ihr Bürstenfeuer auf alles, mit dem sie eine Versorgung teilen.</translation>
    </message>
    <message>
        <source>Build</source>
        <translation>Bauen</translation>
    </message>
    <message>
        <source>Build book</source>
        <translation>Baubuch</translation>
    </message>
    <message>
        <source>Build book for a phone</source>
        <translation>Baubuch für ein Telefon</translation>
    </message>
    <message>
        <source>Build book for a phone (HTML)…</source>
        <translation>Baubuch für ein Telefon (HTML)…</translation>
    </message>
    <message>
        <source>Build book: {count} steps, about {minutes_left} of handwork left.</source>
        <translation>Baubuch: {count} Schritte, etwa {minutes_left} Handarbeit übrig.</translation>
    </message>
    <message>
        <source>Build it this way. {told}</source>
        <translation>So bauen. {told}</translation>
    </message>
    <message>
        <source>Button held before the switch is closed: then there is no spark.</source>
        <translation>Taster halten, ehe der Schalter geschlossen wird: dann gibt es keinen Funken.</translation>
    </message>
    <message>
        <source>By 700 circ mil/A</source>
        <translation>Nach 700 circ mil/A</translation>
    </message>
    <message>
        <source>By chassis wiring</source>
        <translation>Wie Gerätedraht</translation>
    </message>
    <message>
        <source>By its temperature</source>
        <translation>Nach ihrer Temperatur</translation>
    </message>
    <message>
        <source>By the ways that it is pinned to.</source>
        <translation>Auf den Wegen, an die sie geheftet ist.</translation>
    </message>
    <message>
        <source>By voltage drop, {drop_limit}</source>
        <translation>Nach dem Spannungsabfall, {drop_limit}</translation>
    </message>
    <message>
        <source>CAN bus</source>
        <translation>CAN-Bus</translation>
    </message>
    <message>
        <source>Cables</source>
        <translation>Kabel</translation>
    </message>
    <message>
        <source>Cables, core by core</source>
        <translation>Kabel, Ader für Ader</translation>
    </message>
    <message>
        <source>Cables, pin to pin</source>
        <translation>Kabel, Stift an Stift</translation>
    </message>
    <message>
        <source>Calendars (*.ics)</source>
        <translation>Kalender (*.ics)</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Capacity {capacity}: {health} of the printed {printed}.</source>
        <translation>Kapazität {capacity}: {health} der aufgedruckten {printed}.</translation>
    </message>
    <message>
        <source>Carries</source>
        <translation>Trägt</translation>
    </message>
    <message>
        <source>Carries continuously: {continuous_words}; drawn: {continuous}.</source>
        <translation>Trägt dauernd: {continuous_words}; verlangt: {continuous}.</translation>
    </message>
    <message>
        <source>Carries {ampacity} in {air}, {bunched} together ({bunching_factor})</source>
        <translation>Trägt {ampacity} bei {air}, {bunched} zusammen ({bunching_factor})</translation>
    </message>
    <message>
        <source>Cautions</source>
        <translation>Vorsicht</translation>
    </message>
    <message>
        <source>Cells need a charger that limits the current and stops at their voltage; a supply does neither.</source>
        <translation>Zellen wollen ein Ladegerät, das den Strom begrenzt und bei ihrer Spannung endet; ein Netzteil tut keines von beiden.</translation>
    </message>
    <message>
        <source>Cells of the catalogue (typical); constant power, modules' losses and 3 % for wires.</source>
        <translation>Zellen des Katalogs (üblich); konstante Leistung, Verluste der Wandler und 3 % für Leitungen.</translation>
    </message>
    <message>
        <source>Cells, holders and wrap</source>
        <translation>Zellen, Halter und Hülle</translation>
    </message>
    <message>
        <source>Change a body</source>
        <translation>Ein Gehäuse ändern</translation>
    </message>
    <message>
        <source>Change a core</source>
        <translation>Eine Ader ändern</translation>
    </message>
    <message>
        <source>Change a part</source>
        <translation>Ein Teil ändern</translation>
    </message>
    <message>
        <source>Change a phase's length</source>
        <translation>Die Dauer einer Phase ändern</translation>
    </message>
    <message>
        <source>Change an opening</source>
        <translation>Eine Öffnung ändern</translation>
    </message>
    <message>
        <source>Change charging</source>
        <translation>Laden ändern</translation>
    </message>
    <message>
        <source>Change insulation</source>
        <translation>Isolierung ändern</translation>
    </message>
    <message>
        <source>Change its line</source>
        <translation>Seine Zeile ändern</translation>
    </message>
    <message>
        <source>Change over to plan A</source>
        <translation>Zu Plan A wechseln</translation>
    </message>
    <message>
        <source>Change {edited}</source>
        <translation>{edited} ändern</translation>
    </message>
    <message>
        <source>Charge</source>
        <translation>Ladung</translation>
    </message>
    <message>
        <source>Charge and voltage over the day</source>
        <translation>Ladung und Spannung über den Tag</translation>
    </message>
    <message>
        <source>Charge at the lowest point of the day</source>
        <translation>Ladung am tiefsten Punkt des Tages</translation>
    </message>
    <message>
        <source>Charge indoors</source>
        <translation>Drinnen laden</translation>
    </message>
    <message>
        <source>Charge it first</source>
        <translation>Erst laden</translation>
    </message>
    <message>
        <source>Charge it where it is warm, and let it warm through first; up to 10 °C slowly.</source>
        <translation>Lade ihn, wo es warm ist, und lass ihn erst durchwärmen; bis 10 °C langsam.</translation>
    </message>
    <message>
        <source>Charge with {current}</source>
        <translation>Laden mit {current}</translation>
    </message>
    <message>
        <source>Charger of {charger} at {current}: full in {charging}.</source>
        <translation>Ladegerät mit {charger} bei {current}: voll in {charging}.</translation>
    </message>
    <message>
        <source>Charging, 10 A</source>
        <translation>Lädt, 10 A</translation>
    </message>
    <message>
        <source>Check both halves against one another before they meet: each is the mirror image of the other.</source>
        <translation>Beide Hälften vor dem Zusammenstecken vergleichen: Jede ist das Spiegelbild der anderen.</translation>
    </message>
    <message>
        <source>Check that it starts</source>
        <translation>Prüfen, ob es startet</translation>
    </message>
    <message>
        <source>Chips fly: glasses on, nothing live where they fall.</source>
        <translation>Späne fliegen: Brille auf, nichts unter Spannung, wo sie hinfallen.</translation>
    </message>
    <message>
        <source>Choose a fuse</source>
        <translation>Eine Sicherung wählen</translation>
    </message>
    <message>
        <source>Choose a joint</source>
        <translation>Eine Verbindung wählen</translation>
    </message>
    <message>
        <source>Choose another joint</source>
        <translation>Eine andere Verbindung wählen</translation>
    </message>
    <message>
        <source>Choose another part</source>
        <translation>Ein anderes Teil wählen</translation>
    </message>
    <message>
        <source>Choose another part for one of its ends, in the drawing of the cable.</source>
        <translation>Wähle für eines seiner Enden ein anderes Teil, in der Zeichnung des Kabels.</translation>
    </message>
    <message>
        <source>Choose one, change its line, keep it as your own; with another id it stands beside the first.</source>
        <translation>Wähle eines, ändere seine Zeile, behalte es als dein eigenes; mit anderer id steht es neben dem ersten.</translation>
    </message>
    <message>
        <source>Choose them</source>
        <translation>Wähle sie</translation>
    </message>
    <message>
        <source>Chosen for {air}, the usual air between {coldest} and {hottest}{coldest_2|, which is assumed (plan menu: Ambient temperature)|}; peaks are met at {charge} charge.</source>
        <translation>Gewählt für {air}, die übliche Luft zwischen {coldest} und {hottest}{coldest_2|, was angenommen ist (Planmenü: Umgebungstemperatur)|}; Spitzen werden bei {charge} Ladung gedeckt.</translation>
    </message>
    <message>
        <source>Circles packed into the smallest circle that holds them.</source>
        <translation>Kreise, gepackt in den kleinsten Kreis, der sie fasst.</translation>
    </message>
    <message>
        <source>Clean and dry below it, or it comes off in one piece; hands off until it has set.</source>
        <translation>Darunter sauber und trocken, sonst löst er sich am Stück; Hände weg, bis er fest ist.</translation>
    </message>
    <message>
        <source>Clean the flux off; look for a fillet to the edge of the pad, and for bridges.</source>
        <translation>Flussmittel abwaschen; nach einer Kehle bis zum Rand der Fläche sehen und nach Brücken.</translation>
    </message>
    <message>
        <source>Clean the flux off; look for a joint that is dull or cracked.</source>
        <translation>Flussmittel abwaschen; nach einer matten oder gerissenen Lötstelle sehen.</translation>
    </message>
    <message>
        <source>Clean the flux off; look for bridges and whiskers.</source>
        <translation>Wisch das Flussmittel ab; such nach Brücken und Härchen.</translation>
    </message>
    <message>
        <source>Click a core, an end or a label to change it; right-click for more.</source>
        <translation>Klick auf eine Ader, ein Ende oder ein Schild, um es zu ändern; Rechtsklick für mehr.</translation>
    </message>
    <message>
        <source>Click a level to look at that charge</source>
        <translation>Klick auf einen Stand, um diese Ladung anzusehen</translation>
    </message>
    <message>
        <source>Click a part or a wire; + and − zoom; the plan menu writes it to a file.</source>
        <translation>Klick auf ein Teil oder eine Leitung; + und − vergrößern; das Planmenü schreibt ihn in eine Datei.</translation>
    </message>
    <message>
        <source>Click changes it, drag paints it on.</source>
        <translation>Klicken ändert es, Ziehen malt es weiter.</translation>
    </message>
    <message>
        <source>Click for its first step; right-click types how long there is; drag its edge.</source>
        <translation>Klicken: sein erster Schritt; Rechtsklick: wie viel Zeit ist; am Rand ziehen.</translation>
    </message>
    <message>
        <source>Click for the way; right-click for more.</source>
        <translation>Klicken: der Weg; Rechtsklick: mehr.</translation>
    </message>
    <message>
        <source>Click for what goes through it; right-click for more.</source>
        <translation>Klicken: was hindurchgeht; Rechtsklick: mehr.</translation>
    </message>
    <message>
        <source>Click for what is in it; right-click changes or removes it.</source>
        <translation>Klicken: was darin ist; Rechtsklick ändert oder entfernt es.</translation>
    </message>
    <message>
        <source>Click one to build it so; Ctrl+Z takes it back.</source>
        <translation>Klick auf eine Art, um so zu bauen; Strg+Z.</translation>
    </message>
    <message>
        <source>Click point by point from {part}; Enter ends at {part_2}, Backspace takes one back, Escape leaves it.</source>
        <translation>Klick Punkt für Punkt von {part} an; Enter endet bei {part_2}, Rücktaste nimmt einen zurück, Escape lässt es.</translation>
    </message>
    <message>
        <source>Click to say it otherwise; empty takes it off.</source>
        <translation>Klicken, um es anders zu sagen; leer entfernt es.</translation>
    </message>
    <message>
        <source>Click to select it; right-click for why it goes on in this order.</source>
        <translation>Klicken wählt sie aus; Rechtsklick: warum in dieser Reihenfolge.</translation>
    </message>
    <message>
        <source>Click to tick it alone.</source>
        <translation>Klicken hakt es allein ab.</translation>
    </message>
    <message>
        <source>Click two points whose distance you know. Escape leaves it.</source>
        <translation>Klick auf zwei Punkte, deren Abstand du kennst. Escape lässt es.</translation>
    </message>
    <message>
        <source>Click two points whose distance you know; right-click types how wide it is</source>
        <translation>Klick auf zwei Punkte, deren Abstand du kennst; Rechtsklick tippt, wie breit es ist</translation>
    </message>
    <message>
        <source>Click: ordered, on its way, arrived; right-click for more.</source>
        <translation>Klicken: bestellt, unterwegs, angekommen; Rechtsklick: mehr.</translation>
    </message>
    <message>
        <source>Clip it round all its wires together, close to what is noisy.</source>
        <translation>Klappe ihn um alle Adern zusammen, nah an dem, was stört.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Close the message</source>
        <translation>Die Meldung schließen</translation>
    </message>
    <message>
        <source>Colours are relied on: red is plus, black is minus; in brown/red/orange leads brown is minus.</source>
        <translation>Farben sind ein Versprechen: Rot ist Plus, Schwarz ist Minus; in braun/rot/orangen Leitungen ist Braun Minus.</translation>
    </message>
    <message>
        <source>Compare batteries</source>
        <translation>Akkus vergleichen</translation>
    </message>
    <message>
        <source>Comparing packs …</source>
        <translation>Akkus werden verglichen …</translation>
    </message>
    <message>
        <source>Computed, never tried: a real short throws molten metal and starts fires.</source>
        <translation>Berechnet, nie versucht: ein echter Kurzschluss schleudert Metall und zündet.</translation>
    </message>
    <message>
        <source>Connect the pack through the {test} test lead; say the polarity aloud first.</source>
        <translation>Den Akku über die Prüfleitung mit {test} anschließen, Plus laut gesagt.</translation>
    </message>
    <message>
        <source>Converters do not share current by themselves. Diodes keep one from driving the other.</source>
        <translation>Wandler teilen nicht von selbst. Dioden hindern den einen, den anderen zu treiben.</translation>
    </message>
    <message>
        <source>Converters stay within their derated current</source>
        <translation>Wandler bleiben innerhalb ihres herabgesetzten Stroms</translation>
    </message>
    <message>
        <source>Copied: {said_of}.</source>
        <translation>Kopiert: {said_of}.</translation>
    </message>
    <message>
        <source>Copied; paste it into a message, or anywhere in this window.</source>
        <translation>Kopiert; füge es in eine Nachricht ein, oder irgendwo in dieses Fenster.</translation>
    </message>
    <message>
        <source>Copied; paste it into a message.</source>
        <translation>Kopiert; in eine Nachricht einfügen.</translation>
    </message>
    <message>
        <source>Copied; paste it into a spreadsheet.</source>
        <translation>Kopiert; füge es in eine Tabelle ein.</translation>
    </message>
    <message>
        <source>Copper work-hardens each time it is bent; thin strands survive it.</source>
        <translation>Kupfer wird mit jedem Biegen härter; dünne Einzeldrähte halten es aus.</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Copy	Ctrl+C</source>
        <translation>Kopieren	Ctrl+C</translation>
    </message>
    <message>
        <source>Copy table</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Copy the log as a table</source>
        <translation>Das Logbuch als Tabelle kopieren</translation>
    </message>
    <message>
        <source>Copy the plan as lines</source>
        <translation>Den Plan als Zeilen kopieren</translation>
    </message>
    <message>
        <source>Copy the readings as a table</source>
        <translation>Die Messungen als Tabelle kopieren</translation>
    </message>
    <message>
        <source>Copy the shopping list as text</source>
        <translation>Einkaufsliste als Text kopieren</translation>
    </message>
    <message>
        <source>Core by core, at both ends: {list}.</source>
        <translation>Ader für Ader, an beiden Enden: {list}.</translation>
    </message>
    <message>
        <source>Core {core}</source>
        <translation>Ader {core}</translation>
    </message>
    <message>
        <source>Correct what the other findings name: open returns, loops, loads far beyond their supply.</source>
        <translation>Behebe, was die anderen Befunde nennen: Rückleitungen ins Leere, Ringe, Verbraucher weit über ihrer Versorgung.</translation>
    </message>
    <message>
        <source>Count against the list; each part against its sheet: size, volts, plug.</source>
        <translation>Gegen die Liste zählen; jedes Teil gegen sein Blatt: Größe, Volt, Stecker.</translation>
    </message>
    <message>
        <source>Count pins from the marked one: a plug seen from behind is its own mirror image.</source>
        <translation>Zähle die Stifte vom markierten an: ein von hinten gesehener Stecker ist sein eigenes Spiegelbild.</translation>
    </message>
    <message>
        <source>Counts {whole}; T starts and stops it.</source>
        <translation>Zählt {whole}; T startet und hält an.</translation>
    </message>
    <message>
        <source>Coupled noise stays below what the neighbouring signal tolerates</source>
        <translation>Was stört, koppelt weniger in seine Nachbarn, als diese vertragen</translation>
    </message>
    <message>
        <source>Cover a board with a tube</source>
        <translation>Eine Platine mit Schlauch überziehen</translation>
    </message>
    <message>
        <source>Cover barrel and wire together: the stiff place must not flex.</source>
        <translation>Isoliere Hülse und Draht zusammen: die steife Stelle darf sich nicht biegen.</translation>
    </message>
    <message>
        <source>Cover joints with</source>
        <translation>Verbindungen isolieren mit</translation>
    </message>
    <message>
        <source>Cover joints with tape</source>
        <translation>Verbindungen mit Band isolieren</translation>
    </message>
    <message>
        <source>Cover off the panel: it is live from now on.</source>
        <translation>Abdeckung vom Panel: von jetzt an hat es Spannung.</translation>
    </message>
    <message>
        <source>Covered as every other joint.</source>
        <translation>Isoliert wie jede andere Verbindung.</translation>
    </message>
    <message>
        <source>Crimp both barrels with the die of that size.</source>
        <translation>Crimpe beide Hülsen mit dem Gesenk dieser Größe.</translation>
    </message>
    <message>
        <source>Crimp once in the die of that size.</source>
        <translation>Einmal im Gesenk dieser Größe pressen.</translation>
    </message>
    <message>
        <source>Crimp once in the marked die.</source>
        <translation>Crimpe einmal im markierten Gesenk.</translation>
    </message>
    <message>
        <source>Crimp the conductor, then the insulation grip.</source>
        <translation>Crimpe den Leiter, dann den Isolierungsgriff.</translation>
    </message>
    <message>
        <source>Crimp with the die of its size.</source>
        <translation>Mit dem Gesenk seiner Größe crimpen.</translation>
    </message>
    <message>
        <source>Cross the bared ends at their middle and wrap each tightly round the other.</source>
        <translation>Kreuze die blanken Enden in der Mitte und wickle jedes fest um das andere.</translation>
    </message>
    <message>
        <source>Current</source>
        <translation>Strom</translation>
    </message>
    <message>
        <source>Current on its supply…</source>
        <translation>Strom auf seiner Versorgung…</translation>
    </message>
    <message>
        <source>Current with everything off as the Bench says.</source>
        <translation>Strom bei allem aus, wie unter Messen gesagt.</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Zuschnitt</translation>
    </message>
    <message>
        <source>Cut	Ctrl+X</source>
        <translation>Ausschneiden	Ctrl+X</translation>
    </message>
    <message>
        <source>Cut = ({joint_length} joint + 2 × {overlap}{burns| + {burn_back}|}) ÷ 0.93 = {exact}, rounded up to {cut}</source>
        <translation>Schnitt = ({joint_length} Verbindung + 2 × {overlap}{burns| + {burn_back}|}) ÷ 0,93 = {exact}, aufgerundet auf {cut}</translation>
    </message>
    <message>
        <source>Cut a new lead instead</source>
        <translation>Stattdessen eine neue Leitung ablängen</translation>
    </message>
    <message>
        <source>Cut and label: {lead}</source>
        <translation>Zuschneiden und beschriften: {lead}</translation>
    </message>
    <message>
        <source>Cut back and insulated</source>
        <translation>Zurückgeschnitten und isoliert</translation>
    </message>
    <message>
        <source>Cut lengths</source>
        <translation>Zuschnitte</translation>
    </message>
    <message>
        <source>Cut list</source>
        <translation>Zuschnitt</translation>
    </message>
    <message>
        <source>Cut list as CSV…</source>
        <translation>Zuschnitt als CSV…</translation>
    </message>
    <message>
        <source>Cut long and trim later: a wire can be shortened, not lengthened.</source>
        <translation>Lang zuschneiden und später kürzen: eine Leitung lässt sich kürzen, nicht verlängern.</translation>
    </message>
    <message>
        <source>Cut off the plug at {part} and make that end anew</source>
        <translation>Den Stecker an {part} abschneiden und dieses Ende neu machen</translation>
    </message>
    <message>
        <source>Cut out, stick on where it is to be, punch the centre, drill small first, then to size; deburr.</source>
        <translation>Ausschneiden, aufkleben, wo es hin soll, Mitte körnen, erst klein bohren, dann auf Maß; entgraten.</translation>
    </message>
    <message>
        <source>Cut the tails flush: a slanted end cuts hands.</source>
        <translation>Enden bündig abkneifen: ein schräges Ende schneidet den, der als Nächster hineingreift.</translation>
    </message>
    <message>
        <source>Cut the through wire and strip its two ends and the branch.</source>
        <translation>Schneide den durchgehenden Draht und isoliere seine beiden Enden und den Abzweig ab.</translation>
    </message>
    <message>
        <source>Cut the {supply} lead {place}</source>
        <translation>Schneide die Leitung {supply} {place}</translation>
    </message>
    <message>
        <source>Cut the {supply} lead {place} and join both ends.</source>
        <translation>Schneide die Leitung {supply} {place} und verbinde beide Enden.</translation>
    </message>
    <message>
        <source>Cut the {supply} lead {place}.</source>
        <translation>Schneide die Leitung {supply} {place}.</translation>
    </message>
    <message>
        <source>Cut the {supply} lead {place}; one end on each contact, a tube over both.</source>
        <translation>Schneide die Leitung {supply} {place}; ein Ende an jeden Kontakt, über beide ein Schlauch.</translation>
    </message>
    <message>
        <source>Cut them to different lengths, each {splice_stagger} shorter than the one before, the other piece the other way round: no two joints lie side by side.</source>
        <translation>Verschieden lang abschneiden, jede {splice_stagger} kürzer als die vorige, am anderen Stück umgekehrt: keine zwei Verbindungen liegen nebeneinander.</translation>
    </message>
    <message>
        <source>Cut to length: {lead}</source>
        <translation>Ablängen: {lead}</translation>
    </message>
    <message>
        <source>Cut {bought} of the same cable to lengthen it.</source>
        <translation>{bought} desselben Kabels zum Verlängern abschneiden.</translation>
    </message>
    <message>
        <source>Cut {bought} of the same wire to lengthen it.</source>
        <translation>{bought} desselben Drahts zum Verlängern abschneiden.</translation>
    </message>
    <message>
        <source>Cut {core} back at both ends and shrink {cover} over each.</source>
        <translation>Schneide {core} an beiden Enden zurück und schrumpf {cover} über jedes.</translation>
    </message>
    <message>
        <source>Cut {cut} of it; what is left over goes back into the drawer with its length on it.</source>
        <translation>Schneide {cut} davon; der Rest kommt mit seiner Länge beschriftet zurück in die Schublade.</translation>
    </message>
    <message>
        <source>Cut {pieces} of {wire} {supply}{own_return| and the same of {return_wire}|}.</source>
        <translation>Schneide {pieces} {wire} {supply}{own_return| und ebenso viel {return_wire}|} ab.</translation>
    </message>
    <message>
        <source>Cut-off {cutoff}</source>
        <translation>Abschaltung {cutoff}</translation>
    </message>
    <message>
        <source>Cutting cards</source>
        <translation>Zuschnittkarten</translation>
    </message>
    <message>
        <source>C{cable}  {lead}</source>
        <translation>C{cable}  {lead}</translation>
    </message>
    <message>
        <source>Dangers</source>
        <translation>Gefahren</translation>
    </message>
    <message>
        <source>Dark	F7</source>
        <translation>Dunkel	F7</translation>
    </message>
    <message>
        <source>Dark from then on</source>
        <translation>Von da an dunkel</translation>
    </message>
    <message>
        <source>Data pairs are twisted</source>
        <translation>Datenpaare sind verdrillt</translation>
    </message>
    <message>
        <source>Decimal mark</source>
        <translation>Dezimalzeichen</translation>
    </message>
    <message>
        <source>Deck box, plastic, sealed, 220 × 140 × 80 mm, wall 3 mm</source>
        <translation>Deck box, plastic, sealed, 220 × 140 × 80 mm, wall 3 mm</translation>
    </message>
    <message>
        <source>Degrees above 0 and up to 3600 are expected, such as 120.</source>
        <translation>Grad über 0 und bis 3600 werden erwartet, etwa 120.</translation>
    </message>
    <message>
        <source>Demos</source>
        <translation>Beispiele</translation>
    </message>
    <message>
        <source>Diagram</source>
        <translation>Schaltplan</translation>
    </message>
    <message>
        <source>Diodes, filters and shunts are rated for their current and voltage</source>
        <translation>Dioden, Filter und Messwiderstände halten ihren Strom und ihre Spannung aus</translation>
    </message>
    <message>
        <source>Discard recovered work</source>
        <translation>Zurückgeholte Arbeit aufgeben</translation>
    </message>
    <message>
        <source>Dissipates {heat}, {efficiency} % efficient</source>
        <translation>Verliert {heat} als Wärme, {efficiency} % Wirkungsgrad</translation>
    </message>
    <message>
        <source>Division by zero.</source>
        <translation>Teilung durch null.</translation>
    </message>
    <message>
        <source>Do not open a pack to exchange a cell unless you build packs: replace it.</source>
        <translation>Öffne keinen Akku, um eine Zelle zu tauschen, außer du baust Akkus: ersetze ihn.</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Done  (Space)</source>
        <translation>Fertig  (Leertaste)</translation>
    </message>
    <message>
        <source>Done once already, as {was}; the plan has changed since to {now}.</source>
        <translation>Schon einmal gemacht, als {was}; der Plan hat sich seither zu {now} geändert.</translation>
    </message>
    <message>
        <source>Double-click types the length; right-click for more.</source>
        <translation>Doppelklick tippt die Länge; Rechtsklick: mehr.</translation>
    </message>
    <message>
        <source>Drag borders for length, strips for what runs.</source>
        <translation>Grenzen ziehen: Dauer; Streifen: was läuft.</translation>
    </message>
    <message>
        <source>Drag it along the lead, or type its distance on its line.</source>
        <translation>Entlang der Leitung ziehen oder den Abstand in seine Zeile schreiben.</translation>
    </message>
    <message>
        <source>Drag it onto another rail to feed it from there; right-click for its feed.</source>
        <translation>Auf eine andere Schiene ziehen, um es von dort zu speisen; Rechtsklick: seine Zuleitung.</translation>
    </message>
    <message>
        <source>Drag it where it is; right-click for a way to another place.</source>
        <translation>Dorthin ziehen, wo er ist; Rechtsklick: ein Weg zu einem anderen Ort.</translation>
    </message>
    <message>
        <source>Drag it, or its corner; right-click for more.</source>
        <translation>Ziehen, auch an der Ecke; Rechtsklick: mehr.</translation>
    </message>
    <message>
        <source>Drag it; a click with the right button takes it away.</source>
        <translation>Ziehen; Rechtsklick entfernt ihn.</translation>
    </message>
    <message>
        <source>Drag to rearrange, right-click for more.</source>
        <translation>Ziehen ordnet um, Rechtsklick für mehr.</translation>
    </message>
    <message>
        <source>Draw a way</source>
        <translation>Einen Weg zeichnen</translation>
    </message>
    <message>
        <source>Draw its line…</source>
        <translation>Seine Linie zeichnen…</translation>
    </message>
    <message>
        <source>Draw the ways so that they meet flatter, or lead it round in a wider loop there.</source>
        <translation>Die Wege so zeichnen, dass sie flacher zusammentreffen, oder sie dort in einer weiteren Schleife führen.</translation>
    </message>
    <message>
        <source>Drawings (*.pdf *.svg *.png)</source>
        <translation>Zeichnungen (*.pdf *.svg *.png)</translation>
    </message>
    <message>
        <source>Draws</source>
        <translation>Zieht</translation>
    </message>
    <message>
        <source>Drill it to {bore}</source>
        <translation>Bohre es auf {bore}</translation>
    </message>
    <message>
        <source>Drill it wider, or lead some of them another way.</source>
        <translation>Weiter bohren, oder einige anders führen.</translation>
    </message>
    <message>
        <source>Drill the openings</source>
        <translation>Öffnungen bohren</translation>
    </message>
    <message>
        <source>Drilling template</source>
        <translation>Bohrschablone</translation>
    </message>
    <message>
        <source>Drop</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>Drop it on another way.</source>
        <translation>Auf einem anderen Weg loslassen.</translation>
    </message>
    <message>
        <source>Drop {continuous} × {ohm} = {drop} ({drop_share})</source>
        <translation>Abfall {continuous} × {ohm} = {drop} ({drop_share})</translation>
    </message>
    <message>
        <source>Drops</source>
        <translation>Fällt um</translation>
    </message>
    <message>
        <source>Drops {drop} at {current}.</source>
        <translation>Verliert {drop} bei {current}.</translation>
    </message>
    <message>
        <source>Dry and free of flux, or it does not hold.</source>
        <translation>Trocken und frei von Flussmittel, sonst hält er nicht.</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Verdoppeln</translation>
    </message>
    <message>
        <source>Duplicate	Ctrl+D</source>
        <translation>Verdoppeln	Ctrl+D</translation>
    </message>
    <message>
        <source>Duplicate {said_of}</source>
        <translation>{said_of} verdoppeln</translation>
    </message>
    <message>
        <source>Each core at both ends, {kind}:</source>
        <translation>Jede Ader an beiden Enden, {kind}:</translation>
    </message>
    <message>
        <source>Each core at {part}, {kind}:</source>
        <translation>Jede Ader an {part}, {kind}:</translation>
    </message>
    <message>
        <source>Each core to the same pin of both halves: {cores}.</source>
        <translation>Jede Ader an denselben Stift beider Hälften: {cores}.</translation>
    </message>
    <message>
        <source>Each for itself</source>
        <translation>Jeder für sich</translation>
    </message>
    <message>
        <source>Each igniter unplugged, its two leads twisted together, away from the machine.</source>
        <translation>Jeden Zünder abgesteckt, seine beiden Drähte miteinander verdrillt, weg von der Maschine.</translation>
    </message>
    <message>
        <source>Each input has one source</source>
        <translation>Ein Eingang, eine Quelle</translation>
    </message>
    <message>
        <source>Each item in a lead carries at least its fuse's rating</source>
        <translation>Was in einer Zuleitung liegt, trägt mindestens deren Sicherung</translation>
    </message>
    <message>
        <source>Each item lies at its share of the path, with loop and slack spread evenly.</source>
        <translation>Alles liegt bei seinem Anteil des Weges, Schlaufe und Reserve gleichmäßig verteilt.</translation>
    </message>
    <message>
        <source>Each item lies within the length of its lead</source>
        <translation>Was in einer Leitung sitzt, sitzt innerhalb ihrer Länge</translation>
    </message>
    <message>
        <source>Each its own</source>
        <translation>Jedem seine</translation>
    </message>
    <message>
        <source>Each lead that leaves a block has a way with a fuse of its own; all that they take goes through its bar.</source>
        <translation>Jede Leitung, die von einem Block abgeht, hat einen Platz mit eigener Sicherung; was alle nehmen, geht durch seine Schiene.</translation>
    </message>
    <message>
        <source>Each of these alone can stop a vital load; whoever built it sees what was intended, not what is there.</source>
        <translation>Jedes davon hält allein an, was nicht anhalten darf; wer es gemacht hat, sieht, was er meinte, nicht, was da ist.</translation>
    </message>
    <message>
        <source>Each single point of failure of a vital load is named</source>
        <translation>Jede einzelne Ausfallstelle eines kritischen Verbrauchers ist genannt</translation>
    </message>
    <message>
        <source>Each switch alone: 0 V behind it open, full volts closed.</source>
        <translation>Jeder Schalter allein: dahinter offen 0 V, geschlossen volle Volt.</translation>
    </message>
    <message>
        <source>Each time its bridge opens, the lead's inductance drives a voltage spike; beyond {free_lead} typical controllers need {farad_per_m} more for every 10 cm.</source>
        <translation>Jedes Mal, wenn seine Brücke öffnet, schiebt die Induktivität der Leitung weiter; über {free_lead} wollen übliche Regler je 10 cm {farad_per_m} mehr.</translation>
    </message>
    <message>
        <source>Each with the fewest parallel strings that last the day at {ambient} and carry the one-second peak.</source>
        <translation>Jeder mit den wenigsten Strängen, die bei {ambient} den Tag durchhalten und die stärkste Sekunde aushalten.</translation>
    </message>
    <message>
        <source>Edit its line	Enter</source>
        <translation>Seine Zeile bearbeiten	Enter</translation>
    </message>
    <message>
        <source>Empty to full at the usual current</source>
        <translation>Von leer bis voll mit dem üblichen Strom</translation>
    </message>
    <message>
        <source>Enclosures with heat inside are measured</source>
        <translation>Gehäuse mit Wärme darin sind vermessen</translation>
    </message>
    <message>
        <source>End to end</source>
        <translation>Von Ende zu Ende</translation>
    </message>
    <message>
        <source>Ends in a strip of screws</source>
        <translation>Enden in einer Schraubleiste</translation>
    </message>
    <message>
        <source>Energy</source>
        <translation>Energie</translation>
    </message>
    <message>
        <source>Energy that leaves the packs and does not reach a load</source>
        <translation>Energie, die die Akkus verlässt und keinen Verbraucher erreicht</translation>
    </message>
    <message>
        <source>Enter takes it away.</source>
        <translation>Enter entfernt ihn.</translation>
    </message>
    <message>
        <source>Enter takes the line over, Escape leaves it. “+” beside the chips lists what can be said.</source>
        <translation>Enter übernimmt die Zeile, Escape verlässt sie. „+“ neben den Plättchen zählt auf, was sich sagen lässt.</translation>
    </message>
    <message>
        <source>Ethernet pair</source>
        <translation>Ethernet-Paar</translation>
    </message>
    <message>
        <source>Even poor days replace what is used: it lasts through weeks of them.</source>
        <translation>Schlechte Tage bringen, was hinausgeht: er hält Wochen davon durch.</translation>
    </message>
    <message>
        <source>Evenings</source>
        <translation>Abende</translation>
    </message>
    <message>
        <source>Evenings are shown here once there is something to build.</source>
        <translation>Hier stehen Abende, sobald es etwas zu bauen gibt.</translation>
    </message>
    <message>
        <source>Evenings as a calendar</source>
        <translation>Abende als Kalender</translation>
    </message>
    <message>
        <source>Evenings as a calendar…</source>
        <translation>Abende als Kalender…</translation>
    </message>
    <message>
        <source>Every battery that no other beats, with every way to size wires, set rails, separate noise and group leads.</source>
        <translation>Jeder lohnende Akku, mit jeder Art, Leitungen zu bemessen, Schienen einzustellen, Störungen fernzuhalten, Zuleitungen zu bündeln.</translation>
    </message>
    <message>
        <source>Every connector is in the catalogue</source>
        <translation>Jeder Stecker ist im Katalog</translation>
    </message>
    <message>
        <source>Every core of a cable can be told by its colour</source>
        <translation>Jede Ader eines Kabels erkennt man an ihrer Farbe</translation>
    </message>
    <message>
        <source>Every feed has a fuse, or one before it that protects it</source>
        <translation>Jede Zuleitung hat eine Sicherung, oder eine davor, die sie schützt</translation>
    </message>
    <message>
        <source>Every feed has a length</source>
        <translation>Jede Zuleitung hat eine Länge</translation>
    </message>
    <message>
        <source>Every feed has a wire from the catalogue</source>
        <translation>Jede Zuleitung hat eine Leitung aus dem Katalog</translation>
    </message>
    <message>
        <source>Every feed, from fuse to load</source>
        <translation>Jede Zuleitung, von der Sicherung bis zum Verbraucher</translation>
    </message>
    <message>
        <source>Every joint can be made with the tools at hand</source>
        <translation>Jede Verbindung lässt sich mit dem vorhandenen Werkzeug machen</translation>
    </message>
    <message>
        <source>Every joint is of a kind that takes its wire</source>
        <translation>Jede Verbindung ist von einer Art, die ihre Leitung nimmt</translation>
    </message>
    <message>
        <source>Every lead and joint on the way is tugged and tied by the build, and looked at a second time.</source>
        <translation>Jede Leitung und Verbindung auf dem Weg wird beim Bau gezogen und gebunden und ein zweites Mal angesehen.</translation>
    </message>
    <message>
        <source>Every lead from end to end: what is on it where, and what goes on first</source>
        <translation>Jede Leitung von Ende zu Ende: was wo darauf ist und was zuerst daraufkommt</translation>
    </message>
    <message>
        <source>Every load has its minimum voltage in the worst case</source>
        <translation>Jeder Verbraucher bekommt im schlimmsten Augenblick seine kleinste Spannung</translation>
    </message>
    <message>
        <source>Every load is fed from a battery</source>
        <translation>Jeder Verbraucher wird von einem Akku gespeist</translation>
    </message>
    <message>
        <source>Every load runs in some phase</source>
        <translation>Jeder Verbraucher läuft in irgendeiner Phase</translation>
    </message>
    <message>
        <source>Every load that may be turned off has a switch</source>
        <translation>Was nicht an bleiben darf, lässt sich ausschalten</translation>
    </message>
    <message>
        <source>Every module is in the catalogue</source>
        <translation>Jeder Wandler ist im Katalog</translation>
    </message>
    <message>
        <source>Every number of the network is known</source>
        <translation>Jede Zahl des Netzes ist bekannt</translation>
    </message>
    <message>
        <source>Every number on every station answers to these at once.</source>
        <translation>Jede Zahl auf jeder Station antwortet auf alle zugleich.</translation>
    </message>
    <message>
        <source>Every pack that the catalogue's cells make, held against the mission</source>
        <translation>Jeder Akku, den die Zellen des Katalogs ergeben, gegen den Einsatz gehalten</translation>
    </message>
    <message>
        <source>Every pack unplugged, every switch off.</source>
        <translation>Jeder Akku abgesteckt, jeder Schalter aus.</translation>
    </message>
    <message>
        <source>Every part against the print once more, each that has a right way round.</source>
        <translation>Jedes Teil noch einmal gegen den Aufdruck, jedes, das eine richtige Richtung hat.</translation>
    </message>
    <message>
        <source>Every part has a place in the machine</source>
        <translation>Jedes Teil steht an einem Ort der Maschine</translation>
    </message>
    <message>
        <source>Every plug of it in and tugged: beneath it nothing is reached any more.</source>
        <translation>Jeder Stecker darin und gezogen: darunter ist nichts mehr erreichbar.</translation>
    </message>
    <message>
        <source>Every source feeds something</source>
        <translation>Jede Quelle speist etwas</translation>
    </message>
    <message>
        <source>Every source has its voltage, the lower one first</source>
        <translation>Jede Quelle hat ihre Spannung, die niedrigere zuerst</translation>
    </message>
    <message>
        <source>Every switch is in the catalogue</source>
        <translation>Jeder Schalter ist im Katalog</translation>
    </message>
    <message>
        <source>Every switch off, nothing plugged in.</source>
        <translation>Alle Schalter aus, nichts eingesteckt.</translation>
    </message>
    <message>
        <source>Every switch off.</source>
        <translation>Jeder Schalter aus.</translation>
    </message>
    <message>
        <source>Everything that ever runs at its peak, on a nearly empty pack in the coldest air</source>
        <translation>Alles, was je läuft, auf Spitze, an einem fast leeren Akku in der kältesten Luft</translation>
    </message>
    <message>
        <source>Expect</source>
        <translation>Erwarte</translation>
    </message>
    <message>
        <source>Expected on {arrives}…</source>
        <translation>Erwartet am {arrives}…</translation>
    </message>
    <message>
        <source>Expected window</source>
        <translation>Erwartetes Fenster</translation>
    </message>
    <message>
        <source>Expected {lowest} to {highest}; the meter adds ±{meter_share}.</source>
        <translation>Erwartet {lowest} bis {highest}; das Messgerät ±{meter_share}.</translation>
    </message>
    <message>
        <source>Fasten it flat on {part}, a smear of thermal paste between, where that is warmest.</source>
        <translation>Befestige ihn flach auf {part}, ein Strich Wärmeleitpaste dazwischen, wo es am wärmsten ist.</translation>
    </message>
    <message>
        <source>Feed</source>
        <translation>Zuleitung</translation>
    </message>
    <message>
        <source>Feed a load from another rail</source>
        <translation>Einen Verbraucher von einer anderen Schiene speisen</translation>
    </message>
    <message>
        <source>Feed a rail from elsewhere</source>
        <translation>Eine Schiene anders speisen</translation>
    </message>
    <message>
        <source>Feed it from</source>
        <translation>Speisen von</translation>
    </message>
    <message>
        <source>Feed it from another rail</source>
        <translation>Von einer anderen Schiene speisen</translation>
    </message>
    <message>
        <source>Feed it from {there}</source>
        <translation>Von {there} speisen</translation>
    </message>
    <message>
        <source>Feeds</source>
        <translation>Zuleitungen</translation>
    </message>
    <message>
        <source>Feeds of what flies</source>
        <translation>Zuleitungen dessen, was fliegt</translation>
    </message>
    <message>
        <source>Ferrite beads on both leads</source>
        <translation>Ferrite auf beide Anschlüsse</translation>
    </message>
    <message>
        <source>Ferrules instead</source>
        <translation>Stattdessen Aderendhülsen</translation>
    </message>
    <message>
        <source>Few kinds of blade fuse to keep as spares</source>
        <translation>Wenige Arten von Flachsicherungen</translation>
    </message>
    <message>
        <source>Figures from a measured log…</source>
        <translation>Werte aus einer gemessenen Aufzeichnung…</translation>
    </message>
    <message>
        <source>Fill the cup a third with solder, flux the strands and tin them.</source>
        <translation>Füll den Topf zu einem Drittel mit Lot, Flussmittel auf die Litze und verzinnen.</translation>
    </message>
    <message>
        <source>Filter</source>
        <translation>Filter</translation>
    </message>
    <message>
        <source>Find a part</source>
        <translation>Ein Teil finden</translation>
    </message>
    <message>
        <source>Find an action, a thing or a setting</source>
        <translation>Finde eine Handlung, ein Ding oder eine Einstellung</translation>
    </message>
    <message>
        <source>Find anything</source>
        <translation>Irgendetwas finden</translation>
    </message>
    <message>
        <source>Find anything…	Ctrl+Space</source>
        <translation>Irgendetwas finden…	Ctrl+Space</translation>
    </message>
    <message>
        <source>Find the circuit: {source}</source>
        <translation>Finde den Stromkreis: {source}</translation>
    </message>
    <message>
        <source>Find: 40 A fuse, silicone, toggle …</source>
        <translation>Finde: 40 A fuse, silicone, toggle …</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>Fire alone: dark.</source>
        <translation>Nur zünden: dunkel.</translation>
    </message>
    <message>
        <source>Fire the lamps</source>
        <translation>Die Lampen zünden</translation>
    </message>
    <message>
        <source>Fire {load}</source>
        <translation>{load} zünden</translation>
    </message>
    <message>
        <source>First power, small and limited</source>
        <translation>Erster Strom, klein und begrenzt</translation>
    </message>
    <message>
        <source>First the wide tube over all of it: {cut} of {tube}, pushed well back.</source>
        <translation>Zuerst den weiten Schlauch über das Ganze: {cut} von {tube}, weit zurückgeschoben.</translation>
    </message>
    <message>
        <source>Fit a grommet</source>
        <translation>Tülle einsetzen</translation>
    </message>
    <message>
        <source>Fit a {best} fuse</source>
        <translation>Eine Sicherung {best} einsetzen</translation>
    </message>
    <message>
        <source>Fit a {rating} fuse</source>
        <translation>Eine Sicherung {rating} einsetzen</translation>
    </message>
    <message>
        <source>Fit a {rating} {family}</source>
        <translation>Setze ein: {rating} {family}</translation>
    </message>
    <message>
        <source>Fit both plugs of {lead}</source>
        <translation>Beide Stecker von {lead} einstecken</translation>
    </message>
    <message>
        <source>Fit the fuses before the modules</source>
        <translation>Die Sicherungen vor den Wandlern einsetzen</translation>
    </message>
    <message>
        <source>Fit the plug of the {lead}</source>
        <translation>Stecker einsetzen: {lead}</translation>
    </message>
    <message>
        <source>Fit the plug of the {part} lead into {part_2}</source>
        <translation>Den Stecker der Leitung zu {part} in {part_2} einstecken</translation>
    </message>
    <message>
        <source>Fit {lead}: {rating}</source>
        <translation>Setze in {lead} ein: {rating}</translation>
    </message>
    <message>
        <source>Fit {pack}: {capacity} left, {resistance} inside</source>
        <translation>{pack} anpassen: noch {capacity}, innen {resistance}</translation>
    </message>
    <message>
        <source>Fitted: {rating} ({family})</source>
        <translation>Eingesetzt: {rating} ({family})</translation>
    </message>
    <message>
        <source>Flange in front of the wall, washer and nut behind it; hand-tight and a quarter turn.</source>
        <translation>Flansch vor der Wand, Scheibe und Mutter dahinter; handfest und eine Vierteldrehung.</translation>
    </message>
    <message>
        <source>Flow map</source>
        <translation>Leistungsbild</translation>
    </message>
    <message>
        <source>Flow map as picture</source>
        <translation>Leistungsbild als Bild</translation>
    </message>
    <message>
        <source>Flow map as picture…</source>
        <translation>Leistungsbild als Bild…</translation>
    </message>
    <message>
        <source>Flux and tin the trace and the wire's end, thinly.</source>
        <translation>Flussmittel auf Leiterbahn und Drahtende, beide dünn verzinnen.</translation>
    </message>
    <message>
        <source>Flux bar and strands, tin both until the solder has run through.</source>
        <translation>Schiene und Litze mit Flussmittel benetzen, beide verzinnen, bis das Lot durchgelaufen ist.</translation>
    </message>
    <message>
        <source>Flux both ends and tin each side.</source>
        <translation>Flussmittel auf beide Enden, jede Seite verzinnen.</translation>
    </message>
    <message>
        <source>Flux the end of the barrel and let a little solder run in; no more, or the wire is stiff behind it.</source>
        <translation>Flussmittel ans Ende der Hülse, ein wenig Lot einlaufen lassen; nicht mehr, sonst ist der Draht dahinter steif.</translation>
    </message>
    <message>
        <source>Flux washed off, chips into their sockets last.</source>
        <translation>Flussmittel abgewaschen, Chips zuletzt in ihre Fassungen.</translation>
    </message>
    <message>
        <source>Flux, and put a drop of solder on the pad and on the wire.</source>
        <translation>Flussmittel, je ein Tropfen Lot auf die Lötfläche und auf den Draht.</translation>
    </message>
    <message>
        <source>Flux, heat from below, feed solder until it flows through.</source>
        <translation>Flussmittel, von unten erwärmen, Lot zugeben, bis es durchfließt.</translation>
    </message>
    <message>
        <source>Flux, heat from below, feed solder until it flows through; hold still until it sets.</source>
        <translation>Flussmittel, von unten erwärmen, Lot zugeben, bis es durchfließt; still halten, bis es fest ist.</translation>
    </message>
    <message>
        <source>Fold Why away	F9</source>
        <translation>Warum einklappen	F9</translation>
    </message>
    <message>
        <source>Follow another school</source>
        <translation>Einer anderen Schule folgen</translation>
    </message>
    <message>
        <source>Follow “{school}”</source>
        <translation>Folge „{school}“</translation>
    </message>
    <message>
        <source>Follow “{school}” everywhere</source>
        <translation>Folge überall „{school}“</translation>
    </message>
    <message>
        <source>For every plan on this computer. Kept as you change them.</source>
        <translation>Für jeden Plan auf diesem Rechner. Behalten, während du sie änderst.</translation>
    </message>
    <message>
        <source>For less than a second the pack sags by its ohmic part alone; the wires drop in full.</source>
        <translation>Unter einer Sekunde sinkt der Akku nur um seinen ohmschen Teil; die Leitungen verlieren voll.</translation>
    </message>
    <message>
        <source>Forget A</source>
        <translation>A vergessen</translation>
    </message>
    <message>
        <source>Forget a set</source>
        <translation>Einen Satz vergessen</translation>
    </message>
    <message>
        <source>Forget the place</source>
        <translation>Vergiss den Ort</translation>
    </message>
    <message>
        <source>Found for the plan as it was; search again for the plan as it is</source>
        <translation>Gefunden für den Plan, wie er war; suche noch einmal für den Plan, wie er ist</translation>
    </message>
    <message>
        <source>Found in it and mended: {sentence} {label}.</source>
        <translation>Darin gefunden und behoben: {sentence} {label}.</translation>
    </message>
    <message>
        <source>Fresh cells: they fall in the first minutes of work</source>
        <translation>Frische Zellen: in den ersten Minuten der Arbeit fällt sie</translation>
    </message>
    <message>
        <source>Fri</source>
        <translation>Fr</translation>
    </message>
    <message>
        <source>From 0 to 24 h is expected, such as 1 h 30 min.</source>
        <translation>0 bis 24 h wird erwartet, etwa 1 h 30 min.</translation>
    </message>
    <message>
        <source>From 1 to {most_alike} alike can be said at once.</source>
        <translation>1 bis {most_alike} gleiche können auf einmal angegeben werden.</translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation>Aus einer Datei…</translation>
    </message>
    <message>
        <source>From a rail to the load that loses the most on the way</source>
        <translation>Von einer Schiene zu dem Verbraucher, der unterwegs am meisten verliert</translation>
    </message>
    <message>
        <source>From behind into the wall, ring nut in front; hand-tight and a quarter turn.</source>
        <translation>Von hinten in die Wand, Ringmutter vorn; handfest und eine Vierteldrehung.</translation>
    </message>
    <message>
        <source>From board to board of one stack: up the spacers between and out over both edges, {length_in_stack}.</source>
        <translation>Von Platine zu Platine eines Stapels: die Abstandhalter dazwischen hinauf und über beide Kanten hinaus, {length_in_stack}.</translation>
    </message>
    <message>
        <source>From full, without charging</source>
        <translation>Von voll an, ohne zu laden</translation>
    </message>
    <message>
        <source>From full, working without a pause, in the coldest air</source>
        <translation>Von voll an, ohne Pause arbeitend, in der kältesten Luft</translation>
    </message>
    <message>
        <source>From here on the pack can deliver its full short-circuit current into a mistake.</source>
        <translation>Von hier an kann der Akku alles, was er hat, in einen Fehler schütten.</translation>
    </message>
    <message>
        <source>From now on keep everyone clear of it; arming is the last action, from a distance.</source>
        <translation>Von jetzt an niemand davor; scharf gemacht wird zuletzt und von weitem.</translation>
    </message>
    <message>
        <source>From pin to pin</source>
        <translation>Von Stift zu Stift</translation>
    </message>
    <message>
        <source>From the clipboard</source>
        <translation>Aus der Zwischenablage</translation>
    </message>
    <message>
        <source>From the route. Type one to overrule it</source>
        <translation>Aus dem Weg. Tippe eine, um ihn zu übergehen</translation>
    </message>
    <message>
        <source>From {crossing} up the wire is damaged before the {rating} fuse opens.</source>
        <translation>Ab {crossing} nimmt die Leitung vor der Sicherung {rating} Schaden.</translation>
    </message>
    <message>
        <source>From {name}, over {along}: about {amount}</source>
        <translation>Von {name}, über {along}: etwa {amount}</translation>
    </message>
    <message>
        <source>Full screen</source>
        <translation>Vollbild</translation>
    </message>
    <message>
        <source>Full to empty in the quietest phase</source>
        <translation>Von voll bis leer in der ruhigsten Phase</translation>
    </message>
    <message>
        <source>Further: {further}.</source>
        <translation>Weiter: {further}.</translation>
    </message>
    <message>
        <source>Fuse</source>
        <translation>Sicherung</translation>
    </message>
    <message>
        <source>Fuse against wire</source>
        <translation>Sicherung gegen Leitung</translation>
    </message>
    <message>
        <source>Fuse block</source>
        <translation>Sicherungsblock</translation>
    </message>
    <message>
        <source>Fuse block of {part}</source>
        <translation>Sicherungsblock von {part}</translation>
    </message>
    <message>
        <source>Fuse holder in the {lead}</source>
        <translation>Sicherungshalter in: {lead}</translation>
    </message>
    <message>
        <source>Fuse in the {lead}</source>
        <translation>Sicherung in: {lead}</translation>
    </message>
    <message>
        <source>Fuse of {name}</source>
        <translation>Sicherung von {name}</translation>
    </message>
    <message>
        <source>Fuse tap on the {lead}</source>
        <translation>Sicherungsabgriff an: {lead}</translation>
    </message>
    <message>
        <source>Fuse, switch, plugs and joints: {rest}</source>
        <translation>Sicherung, Schalter, Stecker und Verbindungen: {rest}</translation>
    </message>
    <message>
        <source>Fuses</source>
        <translation>Sicherungen</translation>
    </message>
    <message>
        <source>Generously</source>
        <translation>Großzügig</translation>
    </message>
    <message>
        <source>Get {tube}</source>
        <translation>Besorge {tube}</translation>
    </message>
    <message>
        <source>Gets</source>
        <translation>Bekommt</translation>
    </message>
    <message>
        <source>Gets {lowest} – {highest}</source>
        <translation>Bekommt {lowest} – {highest}</translation>
    </message>
    <message>
        <source>Give a module of its own to</source>
        <translation>Einen eigenen Wandler geben</translation>
    </message>
    <message>
        <source>Give it a module of its own</source>
        <translation>Gib ihm einen eigenen Wandler</translation>
    </message>
    <message>
        <source>Give it its own return wire</source>
        <translation>Gib ihm eine eigene Rückleitung</translation>
    </message>
    <message>
        <source>Give or take {spread} of what is printed; a cheap meter's own leads add up to {lead_ohm}.</source>
        <translation>{spread} mehr oder weniger als aufgedruckt; die Leitungen eines billigen Messgeräts geben bis {lead_ohm} dazu.</translation>
    </message>
    <message>
        <source>Glasses on; nothing live behind the wall.</source>
        <translation>Brille auf; hinter der Wand nichts unter Spannung.</translation>
    </message>
    <message>
        <source>Glue over a cold joint hides it: test continuity first, then glue, then wait until it has set.</source>
        <translation>Ein Klecks über einer kalten Lötstelle versteckt sie: erst den Draht durchpiepsen, dann kleben, dann warten, bis es fest ist.</translation>
    </message>
    <message>
        <source>Glue over a cold joint hides it: test first, then glue.</source>
        <translation>Ein Tropfen über einer kalten Lötstelle verdeckt sie: erst prüfen, dann kleben.</translation>
    </message>
    <message>
        <source>Glue over the joints</source>
        <translation>Kleber über die Verbindungen</translation>
    </message>
    <message>
        <source>Go through an opening</source>
        <translation>Durch eine Öffnung gehen</translation>
    </message>
    <message>
        <source>Grease into the plugs that lie outside before they are mated for good.</source>
        <translation>Fett in die außen liegenden Stecker, bevor sie endgültig gesteckt werden.</translation>
    </message>
    <message>
        <source>Grease or paint over it once it has been measured.</source>
        <translation>Fett oder Lack darüber, wenn sie gemessen ist.</translation>
    </message>
    <message>
        <source>H and L touch each other</source>
        <translation>H und L berühren sich</translation>
    </message>
    <message>
        <source>Hair-thin leads fit small terminals; what they carry is what the fuse must be chosen for.</source>
        <translation>Haarfeine Anschlüsse passen in kleine Klemmen; was sie tragen, bestimmt die Sicherung.</translation>
    </message>
    <message>
        <source>Hand-tight in a cross, then a quarter turn: a board that is bent cracks its solder.</source>
        <translation>Handfest über Kreuz, dann eine Vierteldrehung: Eine verbogene Platine bricht ihr Lot.</translation>
    </message>
    <message>
        <source>Hands off until it has set.</source>
        <translation>Hände weg, bis er fest ist.</translation>
    </message>
    <message>
        <source>Hang it in the air that it watches, its leads short, nothing warm beside it.</source>
        <translation>Häng ihn in die Luft, die er bewacht, mit kurzen Drähten, nichts Warmes daneben.</translation>
    </message>
    <message>
        <source>Heat balance in still air, Churchill &amp; Chu 1975; bunching IEC 60364-5-52 B.52.17</source>
        <translation>Wärmebilanz in ruhender Luft, Churchill &amp; Chu 1975; Häufung IEC 60364-5-52 B.52.17</translation>
    </message>
    <message>
        <source>Heat balance of a case: films of 8 and 10 W/m²K, its walls, vents by their own draught, a fan at 60 % of its print; a motor keeps 30 % of its power as heat, a lamp 70 %, a socket nothing.</source>
        <translation>Wärmebilanz eines Gehäuses: Übergänge von 8 und 10 W/m²K, seine Wände, Schlitze durch eigenen Zug, ein Lüfter mit 60 % des Aufdrucks; ein Motor behält 30 % seiner Leistung als Wärme, eine Lampe 70 %, eine Dose nichts.</translation>
    </message>
    <message>
        <source>Heat for a second or two only.</source>
        <translation>Kurz antippen: ein bis zwei Sekunden Wärme.</translation>
    </message>
    <message>
        <source>Heat lug and wire together, feed solder until the hole is filled; no longer, or the plastic that holds the contact softens.</source>
        <translation>Öse und Draht zusammen erwärmen, Lot zuführen, bis das Loch gefüllt ist; nicht länger, sonst wird der Kunststoff um den Kontakt weich.</translation>
    </message>
    <message>
        <source>Heat the bar beside the lead until both melt into one, hold still until it sets.</source>
        <translation>Die Schiene neben der Leitung erhitzen, bis beides ineinanderfließt; stillhalten, bis es erstarrt.</translation>
    </message>
    <message>
        <source>Heat the barrel from below, feed solder at the top until it shows at both ends.</source>
        <translation>Erwärme die Hülse von unten, gib oben Lot zu, bis es sich an beiden Enden zeigt.</translation>
    </message>
    <message>
        <source>Heat the ring until solder flows, then the ends until they seal.</source>
        <translation>Erwärme den Ring, bis Lot fließt, dann die Enden, bis sie dichten.</translation>
    </message>
    <message>
        <source>Heavy currents keep away from magnetic sensors</source>
        <translation>Starke Ströme bleiben Magnetsensoren fern</translation>
    </message>
    <message>
        <source>Held straight by a jig, a lid or a spare nut: one leg first, look, then the rest.</source>
        <translation>Gerade gehalten von einer Lehre, einem Deckel oder einer Mutter: erst ein Bein, hinsehen, dann der Rest.</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>Help	F1</source>
        <translation>Hilfe	F1</translation>
    </message>
    <message>
        <source>High</source>
        <translation>Hoch</translation>
    </message>
    <message>
        <source>Higher than expected</source>
        <translation>Höher, als du davon erwartest</translation>
    </message>
    <message>
        <source>Highest voltage…</source>
        <translation>Höchste Spannung…</translation>
    </message>
    <message>
        <source>Hold it by a clip there</source>
        <translation>Sie dort mit einem Clip halten</translation>
    </message>
    <message>
        <source>Hold leads by cable ties</source>
        <translation>Leitungen mit Kabelbindern halten</translation>
    </message>
    <message>
        <source>Hold still until it sets.</source>
        <translation>Still halten, bis es erstarrt.</translation>
    </message>
    <message>
        <source>Hold the leads: {part}</source>
        <translation>Leitungen halten: {part}</translation>
    </message>
    <message>
        <source>Hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>Holes and cut lengths</source>
        <translation>Löcher und Zuschnitte</translation>
    </message>
    <message>
        <source>Hook the bared end through the hole of the lug and close it with pliers.</source>
        <translation>Das blanke Ende durch die Öse haken und mit der Zange schließen.</translation>
    </message>
    <message>
        <source>Hot air and flame: nothing that burns behind the work, glasses on.</source>
        <translation>Heißluft und Flamme: nichts Brennbares hinter der Arbeit, Brille auf.</translation>
    </message>
    <message>
        <source>Hot air burns skin and insulation: keep it moving.</source>
        <translation>Heißluft verbrennt Haut und Isolierung: halte sie in Bewegung.</translation>
    </message>
    <message>
        <source>Hot glue into one end, press it flat with pliers; the same at the other once it has set.</source>
        <translation>Heißkleber in ein Ende, mit der Zange flachdrücken; am anderen ebenso, wenn er fest ist.</translation>
    </message>
    <message>
        <source>Hot glue, by practice, once it is measured: it also holds the wire. Not where it gets hot.</source>
        <translation>Heißkleber, nach Praxis, wenn gemessen ist: er hält auch den Draht. Nicht, wo es heiß wird.</translation>
    </message>
    <message>
        <source>How a step was done.</source>
        <translation>Wie ein Schritt gemacht wurde.</translation>
    </message>
    <message>
        <source>How builders choose the fuse</source>
        <translation>Wie man die Sicherung wählt</translation>
    </message>
    <message>
        <source>How builders decide this</source>
        <translation>Wie Bauende das entscheiden</translation>
    </message>
    <message>
        <source>How builders size the wire</source>
        <translation>Wie man die Leitung bemisst</translation>
    </message>
    <message>
        <source>How far an order has come.</source>
        <translation>Stand einer Bestellung.</translation>
    </message>
    <message>
        <source>How far from the best of all</source>
        <translation>Wie weit vom Besten überhaupt</translation>
    </message>
    <message>
        <source>How far it turns</source>
        <translation>Wie weit es sich dreht</translation>
    </message>
    <message>
        <source>How hot it gets</source>
        <translation>Wie heiß es wird</translation>
    </message>
    <message>
        <source>How it gets there</source>
        <translation>Wie es dorthin kommt</translation>
    </message>
    <message>
        <source>How long a step took.</source>
        <translation>Wie lange ein Schritt gedauert hat.</translation>
    </message>
    <message>
        <source>How long there is</source>
        <translation>Wie viel Zeit ist</translation>
    </message>
    <message>
        <source>How many there are is said twice.</source>
        <translation>Die Anzahl ist zweimal angegeben.</translation>
    </message>
    <message>
        <source>How often these phases are gone through before the next day</source>
        <translation>Wie oft diese Phasen durchlaufen werden, ehe der nächste Tag kommt</translation>
    </message>
    <message>
        <source>How round a corner is</source>
        <translation>Wie rund eine Ecke ist</translation>
    </message>
    <message>
        <source>How sure, in {phase}</source>
        <translation>Wie sicher, in {phase}</translation>
    </message>
    <message>
        <source>How thick a lead is</source>
        <translation>Wie dick eine Leitung ist</translation>
    </message>
    <message>
        <source>How {part} is fed</source>
        <translation>Wie {part} gespeist wird</translation>
    </message>
    <message>
        <source>Hubs and converters are placed where they need the least wire</source>
        <translation>Verteiler und Module stehen, wo am wenigsten Draht zu ihnen führt</translation>
    </message>
    <message>
        <source>IEEE 802.3</source>
        <translation>IEEE 802.3</translation>
    </message>
    <message>
        <source>IN towards {part}, OUT towards {part_2}; its − to the return.</source>
        <translation>IN zu {part}, OUT zu {part_2}; sein − an die Rückleitung.</translation>
    </message>
    <message>
        <source>ISO 11898-2 at 1 Mbit/s; threshold of a receiver</source>
        <translation>ISO 11898-2 bei 1 Mbit/s; Schwelle eines Empfängers</translation>
    </message>
    <message>
        <source>Identical plugs get swapped: reversed polarity destroys what they feed.</source>
        <translation>Gleich gefärbt werden sie eines Tages vertauscht: Verpolung zerstört, was daran hängt.</translation>
    </message>
    <message>
        <source>Idle {idle}: the mean of what lies below {running}.</source>
        <translation>Leerlauf {idle}: das Mittel dessen, was unter {running} liegt.</translation>
    </message>
    <message>
        <source>If + and − touched here: how fast a fuse opens, or that the source cannot open one</source>
        <translation>Wenn sich + und − hier berührten: wie schnell eine Sicherung auslöst, oder dass die Quelle keine auslösen kann</translation>
    </message>
    <message>
        <source>Igniters joined</source>
        <translation>Zünder angeschlossen</translation>
    </message>
    <message>
        <source>Igniters off, lamps on</source>
        <translation>Zünder ab, Lampen an</translation>
    </message>
    <message>
        <source>In AWG</source>
        <translation>In AWG</translation>
    </message>
    <message>
        <source>In a bore of {size}: strip {strip}.</source>
        <translation>In einer Bohrung von {size}: {strip} abisolieren.</translation>
    </message>
    <message>
        <source>In it: {place}</source>
        <translation>Darin: {place}</translation>
    </message>
    <message>
        <source>In its wall: {size}, {opening}</source>
        <translation>In seiner Wand: {size}, {opening}</translation>
    </message>
    <message>
        <source>In mm²</source>
        <translation>In mm²</translation>
    </message>
    <message>
        <source>In the catalogue's typical money</source>
        <translation>Im üblichen Geld des Katalogs</translation>
    </message>
    <message>
        <source>In the middle</source>
        <translation>In der Mitte</translation>
    </message>
    <message>
        <source>In the order in which it is opened: {obstacle}.</source>
        <translation>In der Reihenfolge, in der geöffnet wird: {obstacle}.</translation>
    </message>
    <message>
        <source>In the order in which they go in, low before tall:</source>
        <translation>In der Reihenfolge, in der sie hineinkommen, niedrig vor hoch:</translation>
    </message>
    <message>
        <source>In the place of {all} a lamp for {highest}.</source>
        <translation>An die Stelle von {all} eine Lampe für {highest}.</translation>
    </message>
    <message>
        <source>In the ways of a fuse block</source>
        <translation>In den Plätzen eines Sicherungsblocks</translation>
    </message>
    <message>
        <source>In the whole plan</source>
        <translation>Im ganzen Plan</translation>
    </message>
    <message>
        <source>In the zone {zone}</source>
        <translation>In der Fläche {zone}</translation>
    </message>
    <message>
        <source>In the {lead}: {item_name}</source>
        <translation>In {lead}: {item_name}</translation>
    </message>
    <message>
        <source>In {hottest} of air; such switches are true to {spare_kelvin} K.</source>
        <translation>In Luft von {hottest}; solche Schalter sind auf {spare_kelvin} K genau.</translation>
    </message>
    <message>
        <source>In {phase}, {duration} long; a case takes half an hour to get warm.</source>
        <translation>In {phase}, {duration} lang; ein Gehäuse braucht eine halbe Stunde, um warm zu werden.</translation>
    </message>
    <message>
        <source>In {volts_in}, out {volts_out}. The mark is its derated current; at the right its dissipation{warm|, which makes it {rise} K warmer than the air|}.</source>
        <translation>Ein {volts_in}, aus {volts_out}. Die Marke ist sein zulässiger Strom; rechts seine Verlustleistung{warm|, die ihn um {rise} K wärmer als die Luft macht|}.</translation>
    </message>
    <message>
        <source>Input</source>
        <translation>Eingang</translation>
    </message>
    <message>
        <source>Input {in_lowest} (pack empty) – {in_highest} (charging)</source>
        <translation>Sieht {in_lowest} (Akku leer) – {in_highest} (beim Laden)</translation>
    </message>
    <message>
        <source>Insert to the stop, no strand outside, tighten.</source>
        <translation>Bis zum Anschlag einführen, kein Einzeldraht draußen, festziehen.</translation>
    </message>
    <message>
        <source>Insert to the stop, tighten.</source>
        <translation>Bis zum Anschlag einführen, festziehen.</translation>
    </message>
    <message>
        <source>Inside it: {cell_resistance} × {series} cells ÷ {parallel}{age} = {inside} at half charge, {air}</source>
        <translation>Innen: {cell_resistance} × {series} Zellen ÷ {parallel}{age} = {inside} bei halber Ladung, {air}</translation>
    </message>
    <message>
        <source>Inside it: {mohm_ah} mΩ·Ah ÷ {cell_capacity} × {series} cells{age} = {inside} at half charge, {air}</source>
        <translation>Innen: {mohm_ah} mΩ·Ah ÷ {cell_capacity} × {series} Zellen{age} = {inside} bei halber Ladung, {air}</translation>
    </message>
    <message>
        <source>Inside {around}</source>
        <translation>In {around}</translation>
    </message>
    <message>
        <source>Insulate another way</source>
        <translation>Anders isolieren</translation>
    </message>
    <message>
        <source>Into the slot of {source}'s fuse: {tap}.</source>
        <translation>In den Platz der Sicherung von {source}: {tap}.</translation>
    </message>
    <message>
        <source>Into {name}, over {along}: about {amount}</source>
        <translation>In {name}, über {along}: etwa {amount}</translation>
    </message>
    <message>
        <source>Is a comma between digits in “{rows}” a decimal one, or does it end a cell? Write 1.5, or put a semicolon between the cells.</source>
        <translation>Ist ein Komma zwischen Ziffern in „{rows}“ ein Dezimalkomma, oder beendet es eine Zelle? 1.5 schreiben oder die Zellen mit Semikolon trennen.</translation>
    </message>
    <message>
        <source>It burns what is near when it fires: keep eyes and hands away and do not lean over it.</source>
        <translation>Er verbrennt beim Zünden, was nahe ist: Augen und Hände weg, niemand darüber.</translation>
    </message>
    <message>
        <source>It cannot be read and stays where it is: {error}</source>
        <translation>Es kann nicht gelesen werden und bleibt, wo es ist: {error}</translation>
    </message>
    <message>
        <source>It counts as met, wherever the step stands.</source>
        <translation>Es gilt als erfüllt, wo immer der Schritt steht.</translation>
    </message>
    <message>
        <source>It does not get there by this way.</source>
        <translation>Über diesen Weg kommt sie nicht hin.</translation>
    </message>
    <message>
        <source>It flies</source>
        <translation>Es fliegt</translation>
    </message>
    <message>
        <source>It flies: mass matters, and losing power means a crash</source>
        <translation>Es fliegt: Masse zählt, und Stromausfall heißt Absturz</translation>
    </message>
    <message>
        <source>It flies: the lightest pack that lasts the flight.</source>
        <translation>Es fliegt: der leichteste Akku, der für den Flug reicht.</translation>
    </message>
    <message>
        <source>It gives</source>
        <translation>Er gibt</translation>
    </message>
    <message>
        <source>It gives {brief} for that moment, 1.25 × its printed {rated}.</source>
        <translation>Er gibt für diesen Augenblick {brief}, 1,25 × die aufgedruckten {rated}.</translation>
    </message>
    <message>
        <source>It gives {setting}; its loads need {words}.</source>
        <translation>Er gibt {setting}; seine Verbraucher wollen {words}.</translation>
    </message>
    <message>
        <source>It goes by the least way until they do.</source>
        <translation>Bis dahin geht sie den kürzesten Weg.</translation>
    </message>
    <message>
        <source>It has a feed of its own: only signal and ground are needed.</source>
        <translation>Es hat eine eigene Zuleitung: Signal und Masse sind alles, was eine Leitung bringen muss.</translation>
    </message>
    <message>
        <source>It has not reached its temperature yet: go on slowly, it lags by a minute</source>
        <translation>Noch nicht über seiner Temperatur: langsam weiter, er hinkt eine Minute nach</translation>
    </message>
    <message>
        <source>It has them</source>
        <translation>Sie sind da</translation>
    </message>
    <message>
        <source>It is a bare hole</source>
        <translation>Es ist ein blankes Loch</translation>
    </message>
    <message>
        <source>It is cold and in full sun: that adds a tenth</source>
        <translation>Es ist kalt und in voller Sonne: das macht ein Zehntel mehr</translation>
    </message>
    <message>
        <source>It is fed from before its own contact. A coil pulls in from 75 % of its voltage and is rated for 130 % continuously.</source>
        <translation>Sie hängt vor ihrem eigenen Kontakt. Eine Spule zieht ab 75 % ihrer Spannung an und verträgt dauernd 130 %.</translation>
    </message>
    <message>
        <source>It is in</source>
        <translation>Es ist in</translation>
    </message>
    <message>
        <source>It is in the shade, or not square to the light</source>
        <translation>Es liegt im Schatten oder schräg zum Licht</translation>
    </message>
    <message>
        <source>It is in the wall of {wall}</source>
        <translation>Sie ist in der Wand von {wall}</translation>
    </message>
    <message>
        <source>It is live with the key alone: without it, nothing.</source>
        <translation>Nur mit dem Schlüssel hat er Spannung: ohne ihn nichts.</translation>
    </message>
    <message>
        <source>It is live without the key: tap another, or say that it always is</source>
        <translation>Er hat ohne Schlüssel Spannung: zapfe einen anderen an, oder sag, dass er sie immer hat</translation>
    </message>
    <message>
        <source>It is not one, whatever its name: it draws the same current at any voltage</source>
        <translation>Es ist keiner, wie immer er heißt: er zieht bei jeder Spannung dasselbe</translation>
    </message>
    <message>
        <source>It is not plugged in, or in current limit: disconnect everything from it</source>
        <translation>Es ist nicht eingesteckt, oder es knickt ein: nichts darf daran hängen</translation>
    </message>
    <message>
        <source>It is rated for {pack_max_current} continuously and {pack_burst_current} for {burst_time}; {continuous} and {peak} are drawn.</source>
        <translation>Ausgelegt für {pack_max_current} dauernd und {pack_burst_current} für {burst_time}; entnommen werden {continuous} und {peak}.</translation>
    </message>
    <message>
        <source>It is taken to sit at the lead's far end.</source>
        <translation>Angenommen wird, dass es am fernen Ende der Leitung sitzt.</translation>
    </message>
    <message>
        <source>It is the other way round, or not pressed home</source>
        <translation>Es ist verkehrt herum, oder nicht ganz eingedrückt</translation>
    </message>
    <message>
        <source>It is to come after “{first}”, which is no step any more: that counts as met.</source>
        <translation>Er soll nach „{first}“ kommen, das kein Schritt mehr ist: das gilt als erfüllt.</translation>
    </message>
    <message>
        <source>It is {needed} too short.</source>
        <translation>Sie ist {needed} zu kurz.</translation>
    </message>
    <message>
        <source>It keeps both its plugs and is not cut.</source>
        <translation>Sie behält beide Stecker und wird nicht abgeschnitten.</translation>
    </message>
    <message>
        <source>It leaks while hot and resets when it cools; a pack needs a fuse that stays open.</source>
        <translation>Heiß lässt sie ein Rinnsal durch und heilt beim Abkühlen; ein Akku will eine Sicherung, die offen bleibt.</translation>
    </message>
    <message>
        <source>It lies on the way: from 0 to {length} is expected.</source>
        <translation>Es liegt auf dem Weg: von 0 bis {length} wird erwartet.</translation>
    </message>
    <message>
        <source>It meets</source>
        <translation>Er trifft auf</translation>
    </message>
    <message>
        <source>It needs to be called something.</source>
        <translation>Es muss irgendwie heißen.</translation>
    </message>
    <message>
        <source>It needs {behind} free behind the wall, its wires bent included.</source>
        <translation>Es braucht {behind} frei hinter der Wand, die gebogenen Drähte eingerechnet.</translation>
    </message>
    <message>
        <source>It needs {lowest} – {highest}.</source>
        <translation>Er braucht {lowest} – {highest}.</translation>
    </message>
    <message>
        <source>It no longer goes on after the joint is made; too close to the iron it shrinks where it is parked.</source>
        <translation>Nach der Verbindung geht er nicht mehr darauf; zu nah am Kolben schrumpft er, wo er wartet.</translation>
    </message>
    <message>
        <source>It reaches {hot} at {part}; hot glue softens from {glue_softens}.</source>
        <translation>Es wird {hot} bei {part}, und Heißkleber lässt ab {glue_softens} los.</translation>
    </message>
    <message>
        <source>It rests {behind} below them; packs join within 0.05 V per cell.</source>
        <translation>Er ruht {behind} unter ihnen; Akkus werden innerhalb von 0,05 V je Zelle verbunden.</translation>
    </message>
    <message>
        <source>It should read {window}.</source>
        <translation>Er soll {window} zeigen.</translation>
    </message>
    <message>
        <source>It stands on metal: four of {spacer} under its board.</source>
        <translation>Er steht auf Metall: vier {spacer} unter seine Platine.</translation>
    </message>
    <message>
        <source>It stands {proud} out in front: keep lids and slides clear of it there.</source>
        <translation>Es steht vorn {proud} vor: Deckel und Schieber dort fernhalten.</translation>
    </message>
    <message>
        <source>It stays on the ground</source>
        <translation>Es bleibt am Boden</translation>
    </message>
    <message>
        <source>It takes {smallest} to {largest} mm²; the wire has {area} mm².</source>
        <translation>Er nimmt {smallest} bis {largest} mm²; die Leitung hat {area} mm².</translation>
    </message>
    <message>
        <source>It waits for “{title}”, which waits for it: take one of the two apart.</source>
        <translation>Er wartet auf „{title}“, das auf ihn wartet: einen der beiden lösen.</translation>
    </message>
    <message>
        <source>It was done, and the plan has changed since: {key}.</source>
        <translation>Es war gemacht, und der Plan hat sich seither geändert: {key}.</translation>
    </message>
    <message>
        <source>It was made as {was}; that comes off first.</source>
        <translation>Es wurde als {was} gemacht; das kommt zuerst ab.</translation>
    </message>
    <message>
        <source>Items with lugs, screws or leads have joints there</source>
        <translation>Teile mit eigenen Kabelschuhen, Schrauben oder Anschlüssen werden dort verbunden</translation>
    </message>
    <message>
        <source>Its bare board in a wide tube</source>
        <translation>Seine blanke Platine in weitem Schlauch</translation>
    </message>
    <message>
        <source>Its board is {round} round: a tube that opens to {tube} or more.</source>
        <translation>Seine Platine misst {round} im Umfang: ein Schlauch, der sich auf {tube} oder mehr öffnet.</translation>
    </message>
    <message>
        <source>Its body, its lugs and the bend of its wires; the other wall stands in their way.</source>
        <translation>Sein Gehäuse, seine Fahnen und der Bogen seiner Drähte; die andere Wand steht ihnen im Weg.</translation>
    </message>
    <message>
        <source>Its bore is what wires go through, with the fitting in it; the hole drilled for it is wider.</source>
        <translation>Die Weite ist das, wodurch Drähte gehen, mit dem Einsatz darin; das Loch dafür wird weiter gebohrt.</translation>
    </message>
    <message>
        <source>Its bridge wire is broken: take another</source>
        <translation>Sein Glühdraht ist gerissen: einen anderen nehmen</translation>
    </message>
    <message>
        <source>Its cells are rated for {parallel} × {burst} = {together}: {share_of_limit} of that</source>
        <translation>Seine Zellen vertragen {parallel} × {burst} = {together}: {share_of_limit} davon</translation>
    </message>
    <message>
        <source>Its coil: + {plus}, − {minus} to the return.</source>
        <translation>Seine Spule: + {plus}, − {minus} an die Rückleitung.</translation>
    </message>
    <message>
        <source>Its distance is not given; {usual_off} is assumed.</source>
        <translation>Wie weit weg er liegt, hat niemand gesagt; {usual_off} wird angenommen.</translation>
    </message>
    <message>
        <source>Its face free, its case held by its rim.</source>
        <translation>Sein Gesicht frei, sein Gehäuse am Rand gehalten.</translation>
    </message>
    <message>
        <source>Its foot on bare metal where it needs a ground plane; its plug tightened by hand, never with pliers.</source>
        <translation>Ihr Fuß auf blankem Metall, wo sie eine Massefläche braucht; ihr Stecker von Hand angezogen, nie mit der Zange.</translation>
    </message>
    <message>
        <source>Its fuse holder, where it is on already, goes through taken apart.</source>
        <translation>Sein Sicherungshalter geht, wo er schon dran ist, zerlegt hindurch.</translation>
    </message>
    <message>
        <source>Its fuse in; key on.</source>
        <translation>Ihre Sicherung hinein; Zündung an.</translation>
    </message>
    <message>
        <source>Its lead to the wire:</source>
        <translation>Sein Anschluss an die Leitung:</translation>
    </message>
    <message>
        <source>Its metal case is one of its contacts: on bare metal it shorts to the frame.</source>
        <translation>Die Metallkappe ist einer der Kontakte: auf blankem Metall ist das ein Kurzschluss zum Rahmen.</translation>
    </message>
    <message>
        <source>Its name, then what goes onto it: Lamp board: resistor 10k, LED green, electrolytic 470 µF, header</source>
        <translation>Ihr Name, dann was darauf kommt: Lamp board: resistor 10k, LED green, electrolytic 470 µF, header</translation>
    </message>
    <message>
        <source>Its open end pinched flat while it is hot: no copper looks out.</source>
        <translation>Sein offenes Ende heiß flachgedrückt: kein Kupfer schaut heraus.</translation>
    </message>
    <message>
        <source>Its other side is mains: never opened, never with a damaged lead.</source>
        <translation>Seine andere Seite ist Netz: nie geöffnet, nie mit beschädigter Leitung.</translation>
    </message>
    <message>
        <source>Its own line from the pack</source>
        <translation>Eine eigene Leitung vom Akku</translation>
    </message>
    <message>
        <source>Its relay</source>
        <translation>Sein Relais</translation>
    </message>
    <message>
        <source>Its ring on the + stud through the {test} test lead; say the polarity aloud first.</source>
        <translation>Ihr Ring an den Plusbolzen über die Prüfleitung mit {test}, Plus laut gesagt.</translation>
    </message>
    <message>
        <source>Its scale is not set: ways drawn on it have no length.</source>
        <translation>Wie breit sie ist, hat niemand gesagt: darauf gezeichnete Wege messen sich nicht.</translation>
    </message>
    <message>
        <source>Its shield carries that current; the braid's transfer impedance couples 20 mΩ a metre of it inside.</source>
        <translation>Sein Schirm trägt das weiter; das Geflecht lässt davon 20 mΩ je Meter nach innen.</translation>
    </message>
    <message>
        <source>Its shield goes on all round at both ends, not by a twisted tail: a tail is an aerial.</source>
        <translation>Sein Schirm wird an beiden Enden rundum angeschlossen, nicht mit einem verdrillten Schwanz: Ein Schwanz ist eine Antenne.</translation>
    </message>
    <message>
        <source>Its supply core carries a signal</source>
        <translation>Seine Versorgungsader führt ein Signal</translation>
    </message>
    <message>
        <source>Its supply: {cores} × {each} = {each_2}; drawn {amps}</source>
        <translation>Seine Versorgung: {cores} × {each} = {each_2}; verlangt {amps}</translation>
    </message>
    <message>
        <source>Its switch on.</source>
        <translation>Ihr Schalter an.</translation>
    </message>
    <message>
        <source>Its thermal switch sits</source>
        <translation>Sein Thermoschalter sitzt</translation>
    </message>
    <message>
        <source>Its two ends are on different sides: type its length.</source>
        <translation>Seine beiden Enden sind auf verschiedenen Ansichten: tippe seine Länge.</translation>
    </message>
    <message>
        <source>Its voltage</source>
        <translation>Ihre Spannung</translation>
    </message>
    <message>
        <source>Its voltage ranges from {lowest} to {highest}; worst-case sag to {lowest_2} ({where}).</source>
        <translation>Ihre Spannung liegt zwischen {lowest} und {highest}; im ungünstigsten Fall {lowest_2} ({where}).</translation>
    </message>
    <message>
        <source>Its voltage ranges from {low} (empty) to {high} (charging).</source>
        <translation>Ihre Spannung liegt zwischen {low} (leer) und {high} (beim Laden).</translation>
    </message>
    <message>
        <source>Its voltage ranges from {low} to {high}.</source>
        <translation>Ihre Spannung liegt zwischen {low} und {high}.</translation>
    </message>
    <message>
        <source>Its voltage was {low} – {high}{inside||, outside its {lowest} – {highest}}.</source>
        <translation>Seine Spannung war {low} – {high}{inside||, außerhalb von {lowest} – {highest}}.</translation>
    </message>
    <message>
        <source>Its wire and fuse are sized as if it ran in any of them.</source>
        <translation>Seine Leitung und Sicherung sind bemessen, als liefe er in irgendeiner davon.</translation>
    </message>
    <message>
        <source>I²C bus</source>
        <translation>I²C-Bus</translation>
    </message>
    <message>
        <source>Join another way</source>
        <translation>Anders verbinden</translation>
    </message>
    <message>
        <source>Join the minus of the {part} lead at {part_2}</source>
        <translation>Minus der Leitung {part} an {part_2} anschließen</translation>
    </message>
    <message>
        <source>Join wires at a hub in another way</source>
        <translation>Drähte anders zusammenführen</translation>
    </message>
    <message>
        <source>Join {lead} at {part}</source>
        <translation>Verbinde {lead} bei {part}</translation>
    </message>
    <message>
        <source>Join {part} − to the return of {part_2}</source>
        <translation>Verbinde {part} − mit der Rückleitung von {part_2}</translation>
    </message>
    <message>
        <source>Joined at something else</source>
        <translation>Mit etwas anderem verbunden</translation>
    </message>
    <message>
        <source>Joined to one another, no part at all</source>
        <translation>Miteinander verbunden, ganz ohne Teil</translation>
    </message>
    <message>
        <source>Joint</source>
        <translation>Verbindung</translation>
    </message>
    <message>
        <source>Joints</source>
        <translation>Verbindungen</translation>
    </message>
    <message>
        <source>Just off the charger: it falls within the hour</source>
        <translation>Gerade vom Ladegerät: es fällt innerhalb der Stunde</translation>
    </message>
    <message>
        <source>Keep as A</source>
        <translation>Als A behalten</translation>
    </message>
    <message>
        <source>Keep as A, to compare	Ctrl+K</source>
        <translation>Als A behalten, zum Vergleichen	Ctrl+K</translation>
    </message>
    <message>
        <source>Keep as my own</source>
        <translation>Als meines behalten</translation>
    </message>
    <message>
        <source>Keep hands, hair and sleeves out of what turns.</source>
        <translation>Hände, Haare und Ärmel weg von allem, was sich dreht.</translation>
    </message>
    <message>
        <source>Keep the steps of this plan as a set…</source>
        <translation>Die Schritte dieses Plans als Satz behalten…</translation>
    </message>
    <message>
        <source>Keep the sun off it</source>
        <translation>Halte die Sonne davon ab</translation>
    </message>
    <message>
        <source>Key off. Pull the circuit's fuse.</source>
        <translation>Zündung aus. Die Sicherung des Stromkreises ziehen.</translation>
    </message>
    <message>
        <source>Key off: nothing. Key on: {window}.</source>
        <translation>Schlüssel aus: nichts. Schlüssel an: {window}.</translation>
    </message>
    <message>
        <source>Key off: {window} all the same.</source>
        <translation>Schlüssel aus: trotzdem {window}.</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>Kind of part</source>
        <translation>Art des Teils</translation>
    </message>
    <message>
        <source>Kind, ends, volts, wire, cores</source>
        <translation>Art, Enden, Volt, Leitung, Adern</translation>
    </message>
    <message>
        <source>Knives slip and the iron burns: hold the board in a vice, fingers behind the blade.</source>
        <translation>Messer rutschen ab, der Lötkolben verursacht Verbrennungen: Platine in den Schraubstock, Finger hinter die Klinge.</translation>
    </message>
    <message>
        <source>Knot it at {at}, once all is through.</source>
        <translation>Bei {at} knoten, wenn alles durch ist.</translation>
    </message>
    <message>
        <source>Knots on the way use {knots}: a dozen times its thickness each.</source>
        <translation>Knoten auf dem Weg brauchen {knots}: jeder das Zwölffache der Dicke.</translation>
    </message>
    <message>
        <source>LC filter {} A</source>
        <translation>LC-Filter {} A</translation>
    </message>
    <message>
        <source>LFP</source>
        <translation>LFP</translation>
    </message>
    <message>
        <source>LFP cell {} × {} mm</source>
        <translation>LFP-Zelle {} × {} mm</translation>
    </message>
    <message>
        <source>Label a cable</source>
        <translation>Ein Kabel beschriften</translation>
    </message>
    <message>
        <source>Label both ends</source>
        <translation>Beide Enden beschriften</translation>
    </message>
    <message>
        <source>Label both ends “{lead_label}”.</source>
        <translation>Beschrifte beide Enden „{lead_label}“.</translation>
    </message>
    <message>
        <source>Label the brown ones</source>
        <translation>Die braunen beschriften</translation>
    </message>
    <message>
        <source>Labels</source>
        <translation>Etiketten</translation>
    </message>
    <message>
        <source>Laid straight</source>
        <translation>Gerade gelegt</translation>
    </message>
    <message>
        <source>Land a lead on a terminal</source>
        <translation>Eine Leitung auf eine Klemme setzen</translation>
    </message>
    <message>
        <source>Land it on {terminals_for}</source>
        <translation>Setze sie auf {terminals_for}</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Larger text</source>
        <translation>Größere Schrift</translation>
    </message>
    <message>
        <source>Larger text	Ctrl++</source>
        <translation>Größere Schrift	Ctrl++</translation>
    </message>
    <message>
        <source>Largest of E12 with 5·R·C ≤ {within}: {resistor}.</source>
        <translation>Der größte aus E12 mit 5·R·C ≤ {within}: {resistor}.</translation>
    </message>
    <message>
        <source>Largest that protects</source>
        <translation>Die größte, die schützt</translation>
    </message>
    <message>
        <source>Largest that protects it: {most}.</source>
        <translation>Die größte, die ihn schützt: {most}.</translation>
    </message>
    <message>
        <source>Largest that protects {wire}: {largest}</source>
        <translation>Die größte, die {wire} schützt: {largest}</translation>
    </message>
    <message>
        <source>Last: from here on one more mistake fires it.</source>
        <translation>Zuletzt, denn von hier an zündet ihn ein weiterer Fehler.</translation>
    </message>
    <message>
        <source>Later: one of {one} at the most.</source>
        <translation>Später: höchstens eines von {one}.</translation>
    </message>
    <message>
        <source>Later: room for one of {one} and no more</source>
        <translation>Später: Platz für eines von {one} und nicht mehr</translation>
    </message>
    <message>
        <source>Later: room for {more_alike} more of {alike}, or for one of {one}</source>
        <translation>Später: Platz für {more_alike} weitere von {alike} oder eines von {one}</translation>
    </message>
    <message>
        <source>Lay everything out</source>
        <translation>Alles bereitlegen</translation>
    </message>
    <message>
        <source>Lay out {name} as it came</source>
        <translation>{name} bereitlegen, wie sie ist</translation>
    </message>
    <message>
        <source>Lay the wire along the trace and touch: a second of heat lifts it off the board if it is two.</source>
        <translation>Leg den Draht die Bahn entlang und tipp an: eine Sekunde Wärme; bei zweien hebt sich die Bahn von der Platine.</translation>
    </message>
    <message>
        <source>Lay them side by side, heat until solder flows, hold still until it sets.</source>
        <translation>Leg sie nebeneinander, erwärme, bis Lot fließt, halt still, bis es fest ist.</translation>
    </message>
    <message>
        <source>Lay {lead}</source>
        <translation>{lead} verlegen</translation>
    </message>
    <message>
        <source>Lead by other ways</source>
        <translation>Über andere Wege führen</translation>
    </message>
    <message>
        <source>Lead-acid battery: it drives hundreds of amperes through a ring or a spanner, and it gives off hydrogen when charged.</source>
        <translation>Bleibatterie: sie kann Hunderte Ampere durch einen Ring oder Schlüssel schütten und gast beim Laden Wasserstoff.</translation>
    </message>
    <message>
        <source>Leads are drawn here once the plan is wired: press Propose (Ctrl+Enter).</source>
        <translation>Leitungen werden hier gezeichnet, sobald der Plan verdrahtet ist: drücke Vorschlagen (Strg+Enter).</translation>
    </message>
    <message>
        <source>Leads keep the minimum bend radius of their wire</source>
        <translation>Leitungen sind nicht enger gebogen, als ihr Draht es darf</translation>
    </message>
    <message>
        <source>Leads laid straight</source>
        <translation>Leitungen gerade gelegt</translation>
    </message>
    <message>
        <source>Leads of two colour families are labelled</source>
        <translation>Leitungen zweier Farbfamilien sind beschriftet</translation>
    </message>
    <message>
        <source>Leads side by side in their slots, none crossing; a tie over each second comb.</source>
        <translation>Leitungen nebeneinander in ihren Schlitzen, keine gekreuzt; über jeden zweiten Kamm ein Binder.</translation>
    </message>
    <message>
        <source>Leads that end at it</source>
        <translation>Leitungen, die dort enden</translation>
    </message>
    <message>
        <source>Least squares of rest voltage − I·R over capacity, start and R; rest curve of the chemistry.</source>
        <translation>Kleinste Quadrate von Ruhespannung − I·R über Kapazität, Anfang und R; Ruhekurve der Chemie.</translation>
    </message>
    <message>
        <source>Leave a board bare</source>
        <translation>Eine Platine blank lassen</translation>
    </message>
    <message>
        <source>Leave it bare for now: it is glued once it has been beeped.</source>
        <translation>Lass sie vorerst blank: sie wird geklebt, wenn sie durchgepiepst ist.</translation>
    </message>
    <message>
        <source>Leave it in {lead}; pull and insulate it in the rest.</source>
        <translation>Lass sie in {lead}; zieh und isoliere sie in den anderen.</translation>
    </message>
    <message>
        <source>Leave it open.</source>
        <translation>Lass ihn offen.</translation>
    </message>
    <message>
        <source>Leave it out of the plan</source>
        <translation>Aus dem Plan lassen</translation>
    </message>
    <message>
        <source>Leave its body open where it sits</source>
        <translation>Offen lassen, wo es sitzt</translation>
    </message>
    <message>
        <source>Leave the fuse out.</source>
        <translation>Die Sicherung bleibt heraus.</translation>
    </message>
    <message>
        <source>Leave them loose</source>
        <translation>Sie lose lassen</translation>
    </message>
    <message>
        <source>Left in {standby_phase}, it no longer starts after {days}.</source>
        <translation>In {standby_phase} stehen gelassen, startet es nach {days} nicht mehr.</translation>
    </message>
    <message>
        <source>Left in {standby_phase}: {days} from full to empty.</source>
        <translation>In {standby_phase} stehen gelassen: {days} von voll bis leer.</translation>
    </message>
    <message>
        <source>Left out</source>
        <translation>Weggelassen</translation>
    </message>
    <message>
        <source>Left standing: {days}.</source>
        <translation>Stehen gelassen: {days}.</translation>
    </message>
    <message>
        <source>Legs bent to the holes, in from the printed side.</source>
        <translation>Beine nach den Löchern gebogen, von der bedruckten Seite hinein.</translation>
    </message>
    <message>
        <source>Legs that are cut off fly: hold them, glasses on.</source>
        <translation>Abgeschnittene Beine fliegen: festhalten, Brille auf.</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Length of {phases}</source>
        <translation>Länge von {phases}</translation>
    </message>
    <message>
        <source>Length × width × height is expected: “220 × 140 × 80 mm”.</source>
        <translation>Länge × Breite × Höhe wird erwartet: „220 × 140 × 80 mm“.</translation>
    </message>
    <message>
        <source>Length: {lead}</source>
        <translation>Länge: {lead}</translation>
    </message>
    <message>
        <source>Lengthen it with a splice</source>
        <translation>Mit einem Spleiß verlängern</translation>
    </message>
    <message>
        <source>Lengthen the {lead}</source>
        <translation>Verlängern: {lead}</translation>
    </message>
    <message>
        <source>Lengths</source>
        <translation>Längen</translation>
    </message>
    <message>
        <source>Lengths are measured, not guessed</source>
        <translation>Längen sind gemessen, nicht geschätzt</translation>
    </message>
    <message>
        <source>Less a tenth for the meter: {rest}.</source>
        <translation>Ein Zehntel weniger für das Messgerät: {rest}.</translation>
    </message>
    <message>
        <source>Less than half of it goes in phases of work, so standing counts too.</source>
        <translation>Weniger als die Hälfte geht in Arbeitsphasen, darum zählt auch das Stehen.</translation>
    </message>
    <message>
        <source>Less than that: stop and find it.</source>
        <translation>Weniger als das: halt und finde es.</translation>
    </message>
    <message>
        <source>Let a lead find its way</source>
        <translation>Leitung ihren Weg finden lassen</translation>
    </message>
    <message>
        <source>Let it find its own way</source>
        <translation>Lass sie ihren Weg selbst finden</translation>
    </message>
    <message>
        <source>Li-ion</source>
        <translation>Li-Ion</translation>
    </message>
    <message>
        <source>Li-ion cell {} × {} mm</source>
        <translation>Li-Ion-Zelle {} × {} mm</translation>
    </message>
    <message>
        <source>Li-ion cell {} × {} mm with its protection board</source>
        <translation>Li-Ion-Zelle {} × {} mm mit Schutzplatine</translation>
    </message>
    <message>
        <source>Li-ion energy</source>
        <translation>Li-Ion-Energie</translation>
    </message>
    <message>
        <source>Li-ion power</source>
        <translation>Li-Ion-Hochstrom</translation>
    </message>
    <message>
        <source>Li-ion power cell {} × {} mm</source>
        <translation>Li-Ion-Hochstromzelle {} × {} mm</translation>
    </message>
    <message>
        <source>Lift the latch, pull the {core} contact out of both housings, fold it back and shrink {cover} over it.</source>
        <translation>Heb die Raste, zieh den Kontakt {core} aus beiden Gehäusen, falte ihn zurück und schrumpf {cover} darüber.</translation>
    </message>
    <message>
        <source>Light	F7</source>
        <translation>Hell	F7</translation>
    </message>
    <message>
        <source>Light or dark</source>
        <translation>Hell oder dunkel</translation>
    </message>
    <message>
        <source>Likeliest first:
</source>
        <translation>Am wahrscheinlichsten zuerst:
</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>Zeile</translation>
    </message>
    <message>
        <source>Line of the part</source>
        <translation>Zeile des Teils</translation>
    </message>
    <message>
        <source>Line of what is selected</source>
        <translation>Zeile des Gewählten</translation>
    </message>
    <message>
        <source>Line {line}: {message} Nothing was pasted.</source>
        <translation>Zeile {line}: {message} Nichts wurde eingefügt.</translation>
    </message>
    <message>
        <source>Lines of ways to its scale, with what they rise, rounded up to a centimetre</source>
        <translation>Linien der Wege in ihrem Maßstab, mit ihrem Anstieg, aufgerundet auf einen Zentimeter</translation>
    </message>
    <message>
        <source>List loads first: a cable joins two of them.</source>
        <translation>Erst Verbraucher aufzählen: ein Kabel verbindet zwei davon.</translation>
    </message>
    <message>
        <source>List loads that can be wired; every way of building them is then shown here with what it changes.</source>
        <translation>Zähle Verbraucher auf, die sich verdrahten lassen; dann steht hier jede Art, sie zu bauen, mit dem, was sie ändert.</translation>
    </message>
    <message>
        <source>List what must run on Loads, then press Propose (Ctrl+Enter).</source>
        <translation>Zähle unter Verbraucher auf, was laufen muss, dann drücke Vorschlagen (Strg+Enter).</translation>
    </message>
    <message>
        <source>Lithium cells are not charged below 0 °C</source>
        <translation>Lithium wird nicht unter 0 °C geladen</translation>
    </message>
    <message>
        <source>Lithium pack: never short, pierce or crush it; use its own charger and stay with it while it charges.</source>
        <translation>Lithiumakku: nie kurzschließen, anstechen oder quetschen; nimm sein eigenes Ladegerät und bleib beim Laden dabei.</translation>
    </message>
    <message>
        <source>Loads</source>
        <translation>Verbraucher</translation>
    </message>
    <message>
        <source>Loads as CSV…</source>
        <translation>Verbraucher als CSV…</translation>
    </message>
    <message>
        <source>Loads from a table</source>
        <translation>Verbraucher aus einer Tabelle</translation>
    </message>
    <message>
        <source>Loads from a table…</source>
        <translation>Verbraucher aus einer Tabelle…</translation>
    </message>
    <message>
        <source>Loads with typical, not measured, figures</source>
        <translation>Verbraucher, deren Werte üblich und nicht gemessen sind</translation>
    </message>
    <message>
        <source>Loads {continuous} continuously, {peak} in the worst second</source>
        <translation>Verbraucher {continuous} dauernd, {peak} in der schlimmsten Sekunde</translation>
    </message>
    <message>
        <source>Located in</source>
        <translation>Steht in</translation>
    </message>
    <message>
        <source>Log</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>Log as CSV…</source>
        <translation>Logbuch als CSV…</translation>
    </message>
    <message>
        <source>Long leads to motor controllers end in capacitors</source>
        <translation>Lange Leitungen zu Motorreglern enden an Kondensatoren</translation>
    </message>
    <message>
        <source>Longer or shorter than a ruler? Print once more at 100 %.</source>
        <translation>Länger oder kürzer als ein Lineal? Noch einmal mit 100 % drucken.</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>Look as the desktop does</source>
        <translation>Aussehen wie der Schreibtisch</translation>
    </message>
    <message>
        <source>Look at both plugs, pin by pin: {list}.</source>
        <translation>Beide Stecker ansehen, Pin für Pin: {list}.</translation>
    </message>
    <message>
        <source>Look at {phases}.</source>
        <translation>{phases} ansehen.</translation>
    </message>
    <message>
        <source>Look for a smooth fillet.</source>
        <translation>Nach einer glatten Kehle sehen.</translation>
    </message>
    <message>
        <source>Look for shorts</source>
        <translation>Nach Kurzschlüssen suchen</translation>
    </message>
    <message>
        <source>Look for solder between all turns.</source>
        <translation>Such Lot zwischen allen Windungen.</translation>
    </message>
    <message>
        <source>Look for solder on both faces of the lug.</source>
        <translation>Auf beiden Seiten der Öse muss Lot zu sehen sein.</translation>
    </message>
    <message>
        <source>Look once more at {below}: every joint there is made and every plug is in.</source>
        <translation>Noch einmal nach {below} sehen: Jede Verbindung ist gemacht, jeder Stecker steckt.</translation>
    </message>
    <message>
        <source>Look: a smooth fillet, no bulge of unmelted ring.</source>
        <translation>Sieh hin: eine glatte Kehle, kein Wulst von ungeschmolzenem Ring.</translation>
    </message>
    <message>
        <source>Loops where a part comes out, nothing near what turns; tug each lead once more.</source>
        <translation>Schlaufen, wo ein Teil herauskommt, nichts nahe an dem, was sich dreht; noch einmal an jeder Leitung ziehen.</translation>
    </message>
    <message>
        <source>Loops where a part comes out; tug each lead once more.</source>
        <translation>Schlaufen, wo ein Teil herauskommt; noch einmal an jeder Leitung ziehen.</translation>
    </message>
    <message>
        <source>Lose it</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Low-resistance electrolytic for {volts} or more, at the controller, its leads short, plus to plus.</source>
        <translation>Elko mit kleinem Innenwiderstand für {volts} oder mehr, am Regler, Beine kurz, Plus an Plus.</translation>
    </message>
    <message>
        <source>Lower than expected</source>
        <translation>Niedriger, als du davon erwartest</translation>
    </message>
    <message>
        <source>Lowest and highest ambient temperature, such as −10 – 40 °C</source>
        <translation>Niedrigste und höchste Umgebungstemperatur, z. B. −10 – 40 °C</translation>
    </message>
    <message>
        <source>Lowest charge {charge_left}; from full, working without a pause, {run_time}.</source>
        <translation>Tiefste Ladung {charge_left}; von voll an, ohne Pause arbeitend, {run_time}.</translation>
    </message>
    <message>
        <source>Lowest: {lowest_where}</source>
        <translation>Am tiefsten: {lowest_where}</translation>
    </message>
    <message>
        <source>Lugs, screws and short leads are joined like every other end: strip, tool, cover, ohms.</source>
        <translation>Kabelschuhe, Schrauben und kurze Anschlüsse werden verbunden wie jedes andere Ende: abisolieren, Werkzeug, Isolierung, Ohm.</translation>
    </message>
    <message>
        <source>M12 gland</source>
        <translation>Kabelverschraubung M12</translation>
    </message>
    <message>
        <source>M16 gland</source>
        <translation>Kabelverschraubung M16</translation>
    </message>
    <message>
        <source>M20 gland</source>
        <translation>Kabelverschraubung M20</translation>
    </message>
    <message>
        <source>M25 gland</source>
        <translation>Kabelverschraubung M25</translation>
    </message>
    <message>
        <source>M32 gland</source>
        <translation>Kabelverschraubung M32</translation>
    </message>
    <message>
        <source>M40 gland</source>
        <translation>Kabelverschraubung M40</translation>
    </message>
    <message>
        <source>M8 gland</source>
        <translation>Kabelverschraubung M8</translation>
    </message>
    <message>
        <source>Machine from above</source>
        <translation>Maschine von oben</translation>
    </message>
    <message>
        <source>Machine plan</source>
        <translation>Maschinenplan</translation>
    </message>
    <message>
        <source>Main pack</source>
        <translation>Hauptakku</translation>
    </message>
    <message>
        <source>Main switch on: the test fuse must hold, nothing may get warm or smell.</source>
        <translation>Hauptschalter an: die Prüfsicherung muss halten, nichts darf warm werden oder riechen.</translation>
    </message>
    <message>
        <source>Mains and everything from 60 V DC up is outside this tool.</source>
        <translation>Netzspannung und alles ab 60 V Gleichspannung liegt außerhalb dieses Werkzeugs.</translation>
    </message>
    <message>
        <source>Mains kills. This tool neither plans nor checks it.</source>
        <translation>Netzspannung tötet. Dieses Werkzeug plant und prüft sie nicht.</translation>
    </message>
    <message>
        <source>Mains, and anything above 60 V DC, are outside this book: a qualified person and your local code.</source>
        <translation>Netzspannung und alles über 60 V Gleichspannung liegen außerhalb dieses Buchs: eine Fachkraft und die örtlichen Vorschriften.</translation>
    </message>
    <message>
        <source>Make a {opening_size} for it</source>
        <translation>Mach dafür: {opening_size}</translation>
    </message>
    <message>
        <source>Make an opening</source>
        <translation>Eine Öffnung machen</translation>
    </message>
    <message>
        <source>Make it a gland</source>
        <translation>Mach eine Verschraubung daraus</translation>
    </message>
    <message>
        <source>Make it {chemistry} too</source>
        <translation>Mach auch diesen zu {chemistry}</translation>
    </message>
    <message>
        <source>Make it {colour}</source>
        <translation>Mach sie {colour}</translation>
    </message>
    <message>
        <source>Make it {series} in series too</source>
        <translation>Mach auch diesen zu {series} in Reihe</translation>
    </message>
    <message>
        <source>Make the {obstacle}.</source>
        <translation>Mache: {obstacle}.</translation>
    </message>
    <message>
        <source>Make up: {lead}</source>
        <translation>Konfektionieren: {lead}</translation>
    </message>
    <message>
        <source>Many branches at one splice are made as one pigtail</source>
        <translation>Viele Abzweige an einer Stelle werden als ein Sammelspleiß gemacht</translation>
    </message>
    <message>
        <source>Many chargers stop at C/20: {amp_hours} ÷ 20 h = {ends}.</source>
        <translation>Viele Ladegeräte beenden bei C/20: {amp_hours} ÷ 20 h = {ends}.</translation>
    </message>
    <message>
        <source>Mark its + before it is in: behind the wall it cannot be seen.</source>
        <translation>Markiere sein +, ehe es drin ist: hinter der Wand sieht es niemand.</translation>
    </message>
    <message>
        <source>Measure  (M)</source>
        <translation>Messen  (M)</translation>
    </message>
    <message>
        <source>Measure a length</source>
        <translation>Eine Länge messen</translation>
    </message>
    <message>
        <source>Measure a way</source>
        <translation>Einen Weg messen</translation>
    </message>
    <message>
        <source>Measure a way to</source>
        <translation>Einen Weg messen nach</translation>
    </message>
    <message>
        <source>Measure every way by its line</source>
        <translation>Jeden Weg an seiner Linie messen</translation>
    </message>
    <message>
        <source>Measure what can be measured before it is built in.</source>
        <translation>Messen, was sich vor dem Einbau messen lässt.</translation>
    </message>
    <message>
        <source>Measure {name}</source>
        <translation>{name} messen</translation>
    </message>
    <message>
        <source>Measure {part}</source>
        <translation>Miss {part}</translation>
    </message>
    <message>
        <source>Measure {used} from the plug at {part}, which stays on, and cut there.</source>
        <translation>Vom Stecker an {part}, der dran bleibt, {used} abmessen und dort abschneiden.</translation>
    </message>
    <message>
        <source>Measure {used} of it and cut there.</source>
        <translation>{used} abmessen und dort abschneiden.</translation>
    </message>
    <message>
        <source>Measured</source>
        <translation>Gemessen</translation>
    </message>
    <message>
        <source>Measured and marked already: its screw and its label end up under the tube.</source>
        <translation>Gemessen und markiert ist er schon: seine Schraube und sein Schild verschwinden unter dem Schlauch.</translation>
    </message>
    <message>
        <source>Measured on the machine: {length}.</source>
        <translation>An der Maschine gemessen: {length}.</translation>
    </message>
    <message>
        <source>Measured. Type another, such as 0.9 m or 2*0.4m+10%</source>
        <translation>Gemessen. Tippe eine andere, etwa 0.9 m oder 2*0.4m+10%</translation>
    </message>
    <message>
        <source>Mend it: {words}</source>
        <translation>Beheben: {words}</translation>
    </message>
    <message>
        <source>Mend it: {words} ({cost})</source>
        <translation>Beheben: {words} ({cost})</translation>
    </message>
    <message>
        <source>Merge into {there}</source>
        <translation>Mit {there} zusammenlegen</translation>
    </message>
    <message>
        <source>Merge two rails</source>
        <translation>Zwei Schienen zusammenlegen</translation>
    </message>
    <message>
        <source>Meter across its supply: no short, either way round.</source>
        <translation>Messgerät über ihre Versorgung: kein Kurzschluss, in keiner Richtung.</translation>
    </message>
    <message>
        <source>Meter from the wire to the part that the trace leads to, and to the trace beside it.</source>
        <translation>Miss vom Draht zum Teil, zu dem die Bahn führt, und zur Bahn daneben.</translation>
    </message>
    <message>
        <source>Meter on continuity, one probe at each end of the lead.</source>
        <translation>Messgerät auf Durchgang, eine Spitze an jedem Ende der Leitung.</translation>
    </message>
    <message>
        <source>Meter on diode test before it is covered: one way only.</source>
        <translation>Messgerät auf Diodentest, ehe sie verdeckt ist: nur in einer Richtung.</translation>
    </message>
    <message>
        <source>Meter on the output, turn the screw slowly.</source>
        <translation>Messgerät am Ausgang, dreh die Schraube langsam.</translation>
    </message>
    <message>
        <source>Meter on the output: it cannot be set.</source>
        <translation>Messgerät am Ausgang: einstellen lässt er sich nicht.</translation>
    </message>
    <message>
        <source>Minimum bend radius four times its thickness: tighter, its centre conductor moves towards the braid.</source>
        <translation>Nie enger gebogen als das Vierfache der Dicke: Die Seele wandert sonst zum Geflecht.</translation>
    </message>
    <message>
        <source>Minus off its stud; the ring on +, nut tight, boot over it; minus on again.</source>
        <translation>Minus vom Bolzen; den Ring auf Plus, Mutter fest, Kappe darüber; Minus wieder an.</translation>
    </message>
    <message>
        <source>Missing parts are found now, not with a hot iron in hand.</source>
        <translation>Was fehlt, findet sich jetzt, nicht mit heißem Kolben in der Hand.</translation>
    </message>
    <message>
        <source>Mission phase</source>
        <translation>Phase des Einsatzes</translation>
    </message>
    <message>
        <source>Modules and wires</source>
        <translation>Wandler und Leitungen</translation>
    </message>
    <message>
        <source>Modules in parallel are kept apart</source>
        <translation>Parallele Wandler sind voneinander getrennt</translation>
    </message>
    <message>
        <source>Modules that its voltage forces</source>
        <translation>Wandler, die seine Spannung erzwingt</translation>
    </message>
    <message>
        <source>Molten glue sticks to skin and burns.</source>
        <translation>Geschmolzener Kleber klebt und verbrennt.</translation>
    </message>
    <message>
        <source>Mon</source>
        <translation>Mo</translation>
    </message>
    <message>
        <source>Motor noise reaches sensitive loads through a shared pack; a second pack has to be charged and watched.</source>
        <translation>Motorstörungen erreichen über den gemeinsamen Akku, was leise ist; ein zweiter will geladen und bewacht sein.</translation>
    </message>
    <message>
        <source>Motors and lamps read as their windings and filaments, not as open.</source>
        <translation>Motoren und Lampen messen sich als ihre Wicklungen und Glühfäden, nicht als offen.</translation>
    </message>
    <message>
        <source>Motors: joined by clips or plugs until each turns the right way; then for good.</source>
        <translation>Motoren: mit Klemmen oder Steckern verbunden, bis jeder richtig herum dreht; dann endgültig.</translation>
    </message>
    <message>
        <source>Move a load</source>
        <translation>Einen Verbraucher verschieben</translation>
    </message>
    <message>
        <source>Move a place</source>
        <translation>Einen Ort verschieben</translation>
    </message>
    <message>
        <source>Move a zone</source>
        <translation>Eine Fläche verschieben</translation>
    </message>
    <message>
        <source>Move down	Alt+Down</source>
        <translation>Nach unten	Alt+Down</translation>
    </message>
    <message>
        <source>Move it along the lead</source>
        <translation>Entlang der Leitung verschieben</translation>
    </message>
    <message>
        <source>Move it to {part}</source>
        <translation>Nach {part} setzen</translation>
    </message>
    <message>
        <source>Move up	Alt+Up</source>
        <translation>Nach oben	Alt+Up</translation>
    </message>
    <message>
        <source>Move {module} out to {place}: {air} inside then</source>
        <translation>{module} hinaus nach {place}: dann {air} innen</translation>
    </message>
    <message>
        <source>Must pass {widest} (expanded ≥ 1.1 ×) and grip {thinnest} (recovered ≤ 0.9 ×)</source>
        <translation>Muss {widest} durchlassen (weit ≥ 1,1 ×) und {thinnest} fassen (geschrumpft ≤ 0,9 ×)</translation>
    </message>
    <message>
        <source>Name a place</source>
        <translation>Einen Ort benennen</translation>
    </message>
    <message>
        <source>Name a side</source>
        <translation>Eine Ansicht benennen</translation>
    </message>
    <message>
        <source>Name of the plan</source>
        <translation>Name des Plans</translation>
    </message>
    <message>
        <source>Name the plan</source>
        <translation>Den Plan benennen</translation>
    </message>
    <message>
        <source>Neither contact? The other one of the slot is the live side.</source>
        <translation>Keiner der Kontakte? Der andere des Platzes ist die Seite mit Spannung.</translation>
    </message>
    <message>
        <source>Never power it without, even for setup.</source>
        <translation>Nie ohne sie unter Strom setzen, auch nicht zum Einrichten.</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Neu</translation>
    </message>
    <message>
        <source>New	Ctrl+N</source>
        <translation>Neu	Ctrl+N</translation>
    </message>
    <message>
        <source>New load</source>
        <translation>Neuer Verbraucher</translation>
    </message>
    <message>
        <source>New note</source>
        <translation>Neue Notiz</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>Nächster Befund</translation>
    </message>
    <message>
        <source>Next finding (F8)</source>
        <translation>Nächster Befund (F8)</translation>
    </message>
    <message>
        <source>Next: {next_thing}</source>
        <translation>Weiter: {next_thing}</translation>
    </message>
    <message>
        <source>NiMH</source>
        <translation>NiMH</translation>
    </message>
    <message>
        <source>NiMH cell</source>
        <translation>NiMH-Zelle</translation>
    </message>
    <message>
        <source>No button joins a supply with its ground</source>
        <translation>Kein Taster verbindet eine Versorgung mit ihrer Masse</translation>
    </message>
    <message>
        <source>No cable is mirrored from plug to plug</source>
        <translation>Kein Kabel ist von Stecker zu Stecker gespiegelt</translation>
    </message>
    <message>
        <source>No cables yet. Take one to start from; its ends and cores change where they stand.</source>
        <translation>Noch keine Kabel. Nimm eines als Anfang; Enden und Adern ändert man, wo sie stehen.</translation>
    </message>
    <message>
        <source>No charger</source>
        <translation>Kein Ladegerät</translation>
    </message>
    <message>
        <source>No converter goes into current limit while something starts</source>
        <translation>Kein Wandler begrenzt, während etwas anläuft</translation>
    </message>
    <message>
        <source>No feeds yet.</source>
        <translation>Noch keine Zuleitungen.</translation>
    </message>
    <message>
        <source>No figure changed.</source>
        <translation>Keine Zahl hat sich geändert.</translation>
    </message>
    <message>
        <source>No figure changes.</source>
        <translation>Keine Zahl ändert sich.</translation>
    </message>
    <message>
        <source>No figure differs from A so far. Change something: what got better and worse is shown here.</source>
        <translation>Noch unterscheidet sich keine Zahl von A. Ändere etwas: was besser und schlechter wurde, steht hier.</translation>
    </message>
    <message>
        <source>No fuse of its own: an upstream fuse opens before the wire is damaged.</source>
        <translation>Keine eigene Sicherung: eine davor öffnet, ehe die Leitung leidet.</translation>
    </message>
    <message>
        <source>No fuse of the catalogue suits here</source>
        <translation>Keine Sicherung des Katalogs passt hier</translation>
    </message>
    <message>
        <source>No fuse of their own, since a fuse or a current limit upstream protects them: {list}.</source>
        <translation>Ohne eigene Sicherung, da eine Sicherung oder Strombegrenzung davor sie schützt: {list}.</translation>
    </message>
    <message>
        <source>No fuse opens within an hour.</source>
        <translation>Keine Sicherung öffnet innerhalb einer Stunde.</translation>
    </message>
    <message>
        <source>No fuse protects this stretch. As close to the source as practical; {unfused_lead} at most.</source>
        <translation>Einen Kurzschluss dort unterbricht nichts. So nah an der Quelle wie möglich; höchstens {unfused_lead}.</translation>
    </message>
    <message>
        <source>No fuse: its source gives {current} at the most, which the wire carries.</source>
        <translation>Keine Sicherung: was sie speist, gibt höchstens {current}; die Leitung hält das aus.</translation>
    </message>
    <message>
        <source>No fuse: nothing opens before the wire is damaged.</source>
        <translation>Keine Sicherung: nichts öffnet, ehe die Leitung leidet.</translation>
    </message>
    <message>
        <source>No joint chosen at this end</source>
        <translation>An diesem Ende ist keine Verbindung gewählt</translation>
    </message>
    <message>
        <source>No joint stays bare</source>
        <translation>Keine Verbindung bleibt blank</translation>
    </message>
    <message>
        <source>No kind of that sort takes it: bring the conductors to two places.</source>
        <translation>Keine Art dieser Sorte nimmt es: verteile die Leiter auf zwei Stellen.</translation>
    </message>
    <message>
        <source>No lead drops more than the drop limit</source>
        <translation>Keine Zuleitung verliert mehr als die Abfallgrenze</translation>
    </message>
    <message>
        <source>No lead ends at {passive}.</source>
        <translation>Keine Leitung endet bei {passive}.</translation>
    </message>
    <message>
        <source>No less than {low}: what is connected needs it.</source>
        <translation>Nicht weniger als {low}: was angeschlossen ist, braucht es.</translation>
    </message>
    <message>
        <source>No load is fed more than its maximum voltage</source>
        <translation>Kein Verbraucher sieht mehr als seine größte Spannung</translation>
    </message>
    <message>
        <source>No load resets when another one starts</source>
        <translation>Nichts startet neu, wenn etwas anderes anläuft</translation>
    </message>
    <message>
        <source>No mains inside the machine</source>
        <translation>Keine Netzspannung in der Maschine</translation>
    </message>
    <message>
        <source>No measured way joins the two ends; {length} is a guess. Measure it.</source>
        <translation>Kein gemessener Weg verbindet die beiden Enden; {length} ist geschätzt. Miss nach.</translation>
    </message>
    <message>
        <source>No measured ways join its ends</source>
        <translation>Keine gemessenen Wege verbinden ihre Enden</translation>
    </message>
    <message>
        <source>No mission to choose a battery for yet.</source>
        <translation>Noch kein Einsatz, für den ein Akku zu wählen wäre.</translation>
    </message>
    <message>
        <source>No module feeds itself</source>
        <translation>Kein Wandler speist sich selbst</translation>
    </message>
    <message>
        <source>No more than {high}: the connected loads are rated for no more.</source>
        <translation>Nicht mehr als {high}: was angeschlossen ist, verträgt nicht mehr.</translation>
    </message>
    <message>
        <source>No operating point was found at {not_found_at}: what happens there is in no figure of the worst case.</source>
        <translation>Bei {not_found_at} wurde kein Arbeitspunkt gefunden: was dort geschieht, steht in keiner Zahl des schlimmsten Falls.</translation>
    </message>
    <message>
        <source>No operating point was found for this instant: its numbers are not known.</source>
        <translation>Für den gefragten Augenblick wurde kein Arbeitspunkt gefunden: seine Zahlen sind nicht bekannt.</translation>
    </message>
    <message>
        <source>No operating point was found for this state: nothing to expect.</source>
        <translation>Für diesen Zustand wurde kein Arbeitspunkt gefunden: nichts zu erwarten.</translation>
    </message>
    <message>
        <source>No operating point was found for {phase}: the day cannot be played.</source>
        <translation>Für {phase} wurde kein Arbeitspunkt gefunden: der Tag kann nicht durchgespielt werden.</translation>
    </message>
    <message>
        <source>No operating point was found in {not_found_in}: the day cannot be played.</source>
        <translation>In {not_found_in} wurde kein Arbeitspunkt gefunden: der Tag kann nicht durchgespielt werden.</translation>
    </message>
    <message>
        <source>No other joint in the catalogue is strong enough here: borrow the tool.</source>
        <translation>Keine andere Verbindung im Katalog hält hier genug: das Werkzeug leihen.</translation>
    </message>
    <message>
        <source>No pack of the catalogue's cells serves this mission; the reasons stand below.</source>
        <translation>Kein Akku aus den Zellen des Katalogs genügt diesem Einsatz; die Gründe stehen darunter.</translation>
    </message>
    <message>
        <source>No phases yet. Press + Phase to say how long what runs; Propose assumes an hour with everything on.</source>
        <translation>Noch keine Phasen. Drücke + Phase, um zu sagen, wie lange was läuft; Vorschlagen nimmt eine Stunde mit allem an.</translation>
    </message>
    <message>
        <source>No places are known yet.</source>
        <translation>Noch sind keine Orte bekannt.</translation>
    </message>
    <message>
        <source>No places yet.</source>
        <translation>Noch keine Orte.</translation>
    </message>
    <message>
        <source>No power anywhere, the source unplugged. Has it turned the wrong way, its two leads change places.</source>
        <translation>Nirgends Strom, die Quelle abgesteckt. Hat er falsch herum gedreht, tauschen seine beiden Leitungen die Plätze.</translation>
    </message>
    <message>
        <source>No power flows yet.</source>
        <translation>Noch fließt keine Leistung.</translation>
    </message>
    <message>
        <source>No proposal: {reason}.</source>
        <translation>Kein Vorschlag: {reason}.</translation>
    </message>
    <message>
        <source>No spark near fuel: battery off and apart, tank shut, air moving.</source>
        <translation>Kein Funke bei Kraftstoff: Batterie ab und getrennt, Tank zu, Luft in Bewegung.</translation>
    </message>
    <message>
        <source>No terminal has more wires than it takes</source>
        <translation>Keine Klemme hat mehr Drähte, als sie nimmt</translation>
    </message>
    <message>
        <source>No tube at hand covers it; {to_buy} would.</source>
        <translation>Kein vorhandener Schlauch deckt sie; {to_buy} täte es.</translation>
    </message>
    <message>
        <source>No tube covers it.</source>
        <translation>Kein Schlauch deckt sie.</translation>
    </message>
    <message>
        <source>No tube goes over both joints, {pass}: leave them beside one another.</source>
        <translation>Kein Schlauch geht über beide Verbindungen, {pass}: lass sie nebeneinander.</translation>
    </message>
    <message>
        <source>No tube in the catalogue does both.</source>
        <translation>Kein Schlauch im Katalog tut beides.</translation>
    </message>
    <message>
        <source>No tube passes {pass}: it is taped over all when each joint has its own.</source>
        <translation>Kein Schlauch geht über {pass}: das Ganze wird mit Band umwickelt, wenn jede Verbindung ihren hat.</translation>
    </message>
    <message>
        <source>No voltage suits all that it feeds: correct the plan before anything is connected.</source>
        <translation>Keine Spannung passt allem, was daran hängt: bessere erst den Plan, ehe etwas angeschlossen wird.</translation>
    </message>
    <message>
        <source>No way is drawn through it.</source>
        <translation>Kein Weg ist hindurch gezeichnet.</translation>
    </message>
    <message>
        <source>No whole plan without a danger was found; the Why panel says what was tried.</source>
        <translation>Kein ganzer Plan ohne Gefahr wurde gefunden; die Spalte Warum sagt, was versucht wurde.</translation>
    </message>
    <message>
        <source>No wire exceeds its insulation's temperature where it passes a hot place</source>
        <translation>Keine Leitung wird an einer heißen Stelle heißer, als ihre Isolierung verträgt</translation>
    </message>
    <message>
        <source>No wire is hotter than its insulation is rated for</source>
        <translation>Keine Leitung ist heißer, als ihre Isolierung aushält</translation>
    </message>
    <message>
        <source>No wire is hotter than the terminals it ends in are rated for</source>
        <translation>Keine Leitung ist wärmer, als das verträgt, worin sie endet</translation>
    </message>
    <message>
        <source>Noise</source>
        <translation>Störungen</translation>
    </message>
    <message>
        <source>Noise of brushes and switching stages on a pack reaches everything connected to it.</source>
        <translation>Was Bürsten und Schaltstufen auf einen Akku geben, erreicht alles an ihm.</translation>
    </message>
    <message>
        <source>Noisy and sensitive loads do not share a rail</source>
        <translation>Störende und empfindliche Verbraucher teilen keine Schiene</translation>
    </message>
    <message>
        <source>Noisy and sensitive loads do not share a return</source>
        <translation>Störende und empfindliche Verbraucher teilen keine Rückleitung</translation>
    </message>
    <message>
        <source>Noisy leads keep away from aerials</source>
        <translation>Was stört, hält sich von Antennen fern</translation>
    </message>
    <message>
        <source>Noisy loads</source>
        <translation>Störende Verbraucher</translation>
    </message>
    <message>
        <source>None at the boards between: each more pulls the pair down.</source>
        <translation>Keiner an den Platinen dazwischen: jeder weitere zieht das Paar herab.</translation>
    </message>
    <message>
        <source>None of its own; protected by the upstream {rating} fuse.</source>
        <translation>Keine eigene; hängt an der Sicherung {rating} davor.</translation>
    </message>
    <message>
        <source>None of the tubes at hand does both; {tube} would.</source>
        <translation>Kein vorhandener Schlauch leistet beides; {tube} würde es.</translation>
    </message>
    <message>
        <source>None yet: buttons, lamps, aerials, sensors that a lead ends at.</source>
        <translation>Noch keine: Taster, Lampen, Antennen, Fühler, an denen eine Leitung endet.</translation>
    </message>
    <message>
        <source>Not charging</source>
        <translation>Lädt nicht</translation>
    </message>
    <message>
        <source>Not done  (Space)</source>
        <translation>Nicht fertig  (Leertaste)</translation>
    </message>
    <message>
        <source>Not done after all</source>
        <translation>Doch nicht fertig</translation>
    </message>
    <message>
        <source>Not done, since it could not be saved: {error}</source>
        <translation>Nicht getan, da es sich nicht sichern ließ: {error}</translation>
    </message>
    <message>
        <source>Not glued until it is measured</source>
        <translation>Erst messen, dann kleben</translation>
    </message>
    <message>
        <source>Not measured: {part}</source>
        <translation>Nicht gemessen: {part}</translation>
    </message>
    <message>
        <source>Not rechargeable.</source>
        <translation>Nicht wieder aufladbar.</translation>
    </message>
    <message>
        <source>Not rechargeable: never connect a charger.</source>
        <translation>Nicht aufladbar: nie ein Ladegerät anschließen.</translation>
    </message>
    <message>
        <source>Not sealed</source>
        <translation>Nicht abgedichtet</translation>
    </message>
    <message>
        <source>Not there to be kept beside the plan: {list}.</source>
        <translation>Nicht da, um neben dem Plan behalten zu werden: {list}.</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Note  (N)</source>
        <translation>Notiz  (N)</translation>
    </message>
    <message>
        <source>Note on this step</source>
        <translation>Notiz zu diesem Schritt</translation>
    </message>
    <message>
        <source>Note which side is live: the tap's two fuses sit behind it. Fuse back in.</source>
        <translation>Merk dir, welche Seite Spannung hat: die beiden Sicherungen des Abgriffs sitzen dahinter. Sicherung wieder hinein.</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Hinweise</translation>
    </message>
    <message>
        <source>Nothing connected.</source>
        <translation>Nichts angeschlossen.</translation>
    </message>
    <message>
        <source>Nothing connected. Fuses still out: each holder shows what lies behind it, and nothing else.</source>
        <translation>Nichts angeschlossen. Sicherungen noch heraus: jeder Halter zeigt, was hinter ihm liegt, und sonst nichts.</translation>
    </message>
    <message>
        <source>Nothing goes through an opening.</source>
        <translation>Nichts geht durch eine Öffnung.</translation>
    </message>
    <message>
        <source>Nothing happened yet.</source>
        <translation>Noch nichts geschehen.</translation>
    </message>
    <message>
        <source>Nothing holds {source} in place: when the machine moves it is thrown against its own lead.</source>
        <translation>Nichts ist gesagt, was {source} hält: Was sich bewegt, wirft ihn gegen seine eigene Leitung.</translation>
    </message>
    <message>
        <source>Nothing in series any more, the pack's own lead as it is.</source>
        <translation>Nichts mehr in Reihe, die eigene Leitung des Akkus, wie sie ist.</translation>
    </message>
    <message>
        <source>Nothing is connected to this rail.</source>
        <translation>Nichts hängt an dieser Schiene.</translation>
    </message>
    <message>
        <source>Nothing is plugged in until a step says so.</source>
        <translation>Nichts wird eingesteckt, bis ein Schritt es sagt.</translation>
    </message>
    <message>
        <source>Nothing is wired yet.</source>
        <translation>Noch nichts ist verdrahtet.</translation>
    </message>
    <message>
        <source>Nothing of that name.</source>
        <translation>Nichts, das so heißt.</translation>
    </message>
    <message>
        <source>Nothing on it. Meter on its output, plus and minus as its label says.</source>
        <translation>Nichts daran. Messgerät an seinen Ausgang, Plus und Minus wie sein Schild sagt.</translation>
    </message>
    <message>
        <source>Nothing plugged in.</source>
        <translation>Nichts eingesteckt.</translation>
    </message>
    <message>
        <source>Nothing reaches 60 V DC</source>
        <translation>Nichts erreicht 60 V Gleichspannung</translation>
    </message>
    <message>
        <source>Nothing runs in any phase: all taken as at work in {phase}.</source>
        <translation>In keiner Phase läuft etwas: alles als in {phase} arbeitend angenommen.</translation>
    </message>
    <message>
        <source>Nothing stands here yet</source>
        <translation>Hier steht noch nichts</translation>
    </message>
    <message>
        <source>Nothing to build yet.</source>
        <translation>Noch nichts zu bauen.</translation>
    </message>
    <message>
        <source>Nothing to buy before it is wired.</source>
        <translation>Nichts zu kaufen, bevor verdrahtet ist.</translation>
    </message>
    <message>
        <source>Nothing to compare for yet: type loads, and paint when they run.</source>
        <translation>Noch nichts zu vergleichen: tippe Verbraucher und male, wann sie laufen.</translation>
    </message>
    <message>
        <source>Nothing to compare yet.</source>
        <translation>Noch nichts, worüber man uneins sein könnte.</translation>
    </message>
    <message>
        <source>Nothing to cut before it is wired.</source>
        <translation>Nichts zuzuschneiden, ehe es verdrahtet ist.</translation>
    </message>
    <message>
        <source>Nothing to measure yet.</source>
        <translation>Noch nichts zu messen.</translation>
    </message>
    <message>
        <source>Nothing to search for yet: type loads first.</source>
        <translation>Noch nichts zu suchen: erst Verbraucher eintippen.</translation>
    </message>
    <message>
        <source>Nothing to short: this lead is not connected to a source.</source>
        <translation>Nichts zum Kurzschließen: diese Zuleitung hängt an keiner Quelle.</translation>
    </message>
    <message>
        <source>Nothing turns {load} off.</source>
        <translation>Nichts schaltet {load} aus.</translation>
    </message>
    <message>
        <source>Nothing was added.</source>
        <translation>Nichts wurde hinzugefügt.</translation>
    </message>
    <message>
        <source>Nothing was pasted.</source>
        <translation>Nichts wurde eingefügt.</translation>
    </message>
    <message>
        <source>Nothing was printed: the printer cannot be reached.</source>
        <translation>Nichts wurde gedruckt: der Drucker ist nicht erreichbar.</translation>
    </message>
    <message>
        <source>Nothing wired yet</source>
        <translation>Noch nichts verdrahtet</translation>
    </message>
    <message>
        <source>Nothing: they lie loose</source>
        <translation>Nichts: sie liegen lose</translation>
    </message>
    <message>
        <source>Now</source>
        <translation>Jetzt</translation>
    </message>
    <message>
        <source>Now rather than later</source>
        <translation>Lieber jetzt als später</translation>
    </message>
    <message>
        <source>Now the other point.</source>
        <translation>Nun der andere Punkt.</translation>
    </message>
    <message>
        <source>Nut and seal of a gland are slid over the bare end of a lead, not over a plug.</source>
        <translation>Hutmutter und Dichtung einer Verschraubung werden über das freie Ende einer Leitung geschoben, nicht über einen Stecker.</translation>
    </message>
    <message>
        <source>Of its supply of {supply} the motor gets {left}.</source>
        <translation>Von den {supply}, die ihn speisen, bekommt der Motor {left}.</translation>
    </message>
    <message>
        <source>Of metal: a current may return by it, and every hole in it needs a grommet.</source>
        <translation>Aus Metall: ein Strom kann darüber zurückkehren, und jedes Loch darin will eine Tülle.</translation>
    </message>
    <message>
        <source>Of the catalogue's parts, without the battery</source>
        <translation>Der Teile aus dem Katalog, ohne den Akku</translation>
    </message>
    <message>
        <source>Of these, {aged} × is its age.</source>
        <translation>Davon ist {aged} × sein Alter.</translation>
    </message>
    <message>
        <source>Of two wires under a screw made for one, only one is clamped.</source>
        <translation>Zwei Drähte unter einer Schraube für einen: einer ist gehalten, der andere liegt nur da.</translation>
    </message>
    <message>
        <source>Of your own</source>
        <translation>Eigene</translation>
    </message>
    <message>
        <source>Off while it charges</source>
        <translation>Beim Laden aus</translation>
    </message>
    <message>
        <source>Off while it charges, or a charger that ends by time or floats.</source>
        <translation>Beim Laden ausschalten, oder ein Ladegerät, das nach Zeit endet oder erhält.</translation>
    </message>
    <message>
        <source>Off, out and apart; what is left of it goes back into the drawer with its length on it.</source>
        <translation>Ab, heraus und auseinander; was davon bleibt, kommt mit seiner Länge beschriftet in die Schublade.</translation>
    </message>
    <message>
        <source>Old? Fit it to a measured discharge…</source>
        <translation>Alt? An eine gemessene Entladung anpassen…</translation>
    </message>
    <message>
        <source>On a pad of {size}: strip {strip}, so that the insulation ends at its edge; a tip no wider than it.</source>
        <translation>Auf einer Lötfläche von {size}: {strip} abisolieren, sodass die Isolierung an ihrem Rand endet; die Spitze nicht breiter als sie.</translation>
    </message>
    <message>
        <source>On in {phase}</source>
        <translation>An in {phase}</translation>
    </message>
    <message>
        <source>On its ohms range a meter sends some mA through it: know that current and the igniter's no-fire current.</source>
        <translation>Die Ohmmessung schickt einige mA hindurch: wissen, was das eigene Messgerät schickt und was er aushält.</translation>
    </message>
    <message>
        <source>On its way</source>
        <translation>Unterwegs</translation>
    </message>
    <message>
        <source>On paper</source>
        <translation>Auf Papier</translation>
    </message>
    <message>
        <source>On poor days alone it lasts {poor_days}, and good ones do not fill it.</source>
        <translation>Allein an schlechten Tagen reicht es {poor_days}, und gute füllen ihn nicht.</translation>
    </message>
    <message>
        <source>On poor days alone it lasts {poor_days}; from empty, {good_days} of good ones fill it.</source>
        <translation>Allein an schlechten Tagen reicht es {poor_days}; von leer an füllen ihn {good_days} mit guter Sonne.</translation>
    </message>
    <message>
        <source>On the bench, before both ends are joined: a joined lead is hard to cut.</source>
        <translation>Auf dem Tisch, bevor beide Enden verbunden sind: eine verbundene Leitung ist schwer zu trennen.</translation>
    </message>
    <message>
        <source>On the pads of a board</source>
        <translation>Auf den Lötflächen einer Platine</translation>
    </message>
    <message>
        <source>On the way {part}</source>
        <translation>Auf dem Weg {part}</translation>
    </message>
    <message>
        <source>One action fires {load}: two separate ones are wanted, arm and fire.</source>
        <translation>Eine Handlung zündet {load}: Gewollt sind zwei getrennte, scharf machen und zünden.</translation>
    </message>
    <message>
        <source>One amount is wanted here, not a range.</source>
        <translation>Hier wird ein Wert gewünscht, kein Bereich.</translation>
    </message>
    <message>
        <source>One barrel plug feeds all its branches through wire that is seldom thicker than 20 AWG.</source>
        <translation>Ein Hohlstecker speist alle Abzweige über Draht, der selten dicker ist als 20 AWG.</translation>
    </message>
    <message>
        <source>One colour for every signal makes it impossible to see what is what.</source>
        <translation>Eine Farbe für jedes Signal macht es unmöglich zu sehen, was was ist.</translation>
    </message>
    <message>
        <source>One day</source>
        <translation>Ein Tag</translation>
    </message>
    <message>
        <source>One feed for many or each its own</source>
        <translation>Eine Zuleitung für viele oder jedem seine</translation>
    </message>
    <message>
        <source>One for those together</source>
        <translation>Eine für die beieinander</translation>
    </message>
    <message>
        <source>One load at a time: volts where its lead ends, empty and running.</source>
        <translation>Einen Verbraucher nach dem anderen: Spannung am Ende seiner Leitung, leer und laufend.</translation>
    </message>
    <message>
        <source>One of button, lamp, aerial, sensor, motor or sounder is expected.</source>
        <translation>Eines von button, lamp, aerial, sensor, motor oder sounder wird erwartet.</translation>
    </message>
    <message>
        <source>One of its plugs would have to go through.</source>
        <translation>Einer ihrer Stecker müsste hindurch.</translation>
    </message>
    <message>
        <source>One of the two resistors is missing: 120 Ω</source>
        <translation>Einer der beiden Widerstände fehlt: 120 Ω</translation>
    </message>
    <message>
        <source>One of them is twisted; with untwisted pairs it would be {untwisted}.</source>
        <translation>Eines davon ist verdrillt; offen wären es {untwisted}.</translation>
    </message>
    <message>
        <source>One of {usual}</source>
        <translation>Eines mit {usual}</translation>
    </message>
    <message>
        <source>One pack</source>
        <translation>Ein Akku</translation>
    </message>
    <message>
        <source>One pack or two</source>
        <translation>Ein Akku oder zwei</translation>
    </message>
    <message>
        <source>One rail at a time: if something is wrong, the last change is the cause.</source>
        <translation>Eine Schiene nach der anderen: das zuletzt Geänderte ist verdächtig.</translation>
    </message>
    <message>
        <source>One source after the other, the others out.</source>
        <translation>Eine Quelle nach der anderen, die übrigen heraus.</translation>
    </message>
    <message>
        <source>One step…</source>
        <translation>Ein Schritt…</translation>
    </message>
    <message>
        <source>One supply through all leads of a board</source>
        <translation>Eine Versorgung über alle Leitungen einer Platine</translation>
    </message>
    <message>
        <source>One that closes when pressed is open until then; one that opens shows these two the other way.</source>
        <translation>Einer, der gedrückt schließt, ist bis dahin offen; einer, der öffnet, zeigt die beiden umgekehrt.</translation>
    </message>
    <message>
        <source>One typical draw is wanted; what is more for a while is its “peak”.</source>
        <translation>Ein üblicher Strom wird gewünscht; was eine Weile mehr ist, ist sein „peak“.</translation>
    </message>
    <message>
        <source>One value is expected here.</source>
        <translation>Hier wird ein Wert erwartet.</translation>
    </message>
    <message>
        <source>One with a resistor for 12 V inside shows open on many meters and still may glow.</source>
        <translation>Eine mit eingebautem Widerstand für 12 V zeigt an vielen Messgeräten offen und glimmt vielleicht doch.</translation>
    </message>
    <message>
        <source>One-second peak exceeds the cells' rating</source>
        <translation>Ein-Sekunden-Spitze über dem Nennwert der Zellen</translation>
    </message>
    <message>
        <source>Only a motor has a bridge before it: say motor.</source>
        <translation>Nur ein Motor hat eine Brücke vor sich: sag motor.</translation>
    </message>
    <message>
        <source>Only a pad has two sides.</source>
        <translation>Nur eine Lötfläche hat zwei Seiten.</translation>
    </message>
    <message>
        <source>Only electronics on this path: their capacitors charge, the reading climbs past 1 kΩ.</source>
        <translation>Nur Elektronik auf diesem Weg: ihre Kondensatoren laden, die Messung klettert über 1 kΩ.</translation>
    </message>
    <message>
        <source>Only one side of × or / may carry a unit.</source>
        <translation>Nur eine Seite von × oder / darf eine Einheit tragen.</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Open a demo</source>
        <translation>Ein Beispiel öffnen</translation>
    </message>
    <message>
        <source>Open a plan</source>
        <translation>Einen Plan öffnen</translation>
    </message>
    <message>
        <source>Open it to {bore}</source>
        <translation>Auf {bore} aufweiten</translation>
    </message>
    <message>
        <source>Open means 0 V; a few tenths are stored in capacitors and fall away.</source>
        <translation>Offen heißt 0 V; ein paar Zehntel sind in Kondensatoren gespeichert und fallen ab.</translation>
    </message>
    <message>
        <source>Open the lever, push the wire to the stop, close it.</source>
        <translation>Öffne den Hebel, schieb den Draht bis zum Anschlag, schließ ihn.</translation>
    </message>
    <message>
        <source>Open, save, print, appearance (Alt+M)</source>
        <translation>Öffnen, sichern, drucken, Aussehen (Alt+M)</translation>
    </message>
    <message>
        <source>Openings in section</source>
        <translation>Öffnungen im Schnitt</translation>
    </message>
    <message>
        <source>Openings in section, {plan}</source>
        <translation>Öffnungen im Schnitt, {plan}</translation>
    </message>
    <message>
        <source>Openings keep water out of what is sealed, and edges off wires</source>
        <translation>Öffnungen halten Wasser von Abgedichtetem und Kanten von Drähten fern</translation>
    </message>
    <message>
        <source>Openings of wet places are sealed</source>
        <translation>Wo es nass ist, schließen Öffnungen um das, was hindurchgeht</translation>
    </message>
    <message>
        <source>Open…	Ctrl+O</source>
        <translation>Öffnen…	Ctrl+O</translation>
    </message>
    <message>
        <source>Or drag the border.</source>
        <translation>Oder die Grenze ziehen.</translation>
    </message>
    <message>
        <source>Or from a bench supply at {volts} limited to {test_fuse}{few|, or {cells} small alkaline cells in series: they give a few amperes into a short and no more|}.</source>
        <translation>Oder aus einem Labornetzteil mit {volts}, begrenzt auf {test_fuse}{few|, oder aus {cells} kleinen Alkalizellen in Reihe: In einen Kurzschluss geben sie nur wenige Ampere|}.</translation>
    </message>
    <message>
        <source>Or from a bench supply limited to {test_fuse}.</source>
        <translation>Oder aus einem Labornetzteil, begrenzt auf {test_fuse}.</translation>
    </message>
    <message>
        <source>Ordered</source>
        <translation>Bestellt</translation>
    </message>
    <message>
        <source>Other insulation</source>
        <translation>Andere Isolierung</translation>
    </message>
    <message>
        <source>Other ways</source>
        <translation>Andere Wege</translation>
    </message>
    <message>
        <source>Out and back to the vehicle's battery: {circuit_resistance}.</source>
        <translation>Hin und zurück zur Fahrzeugbatterie: {circuit_resistance}.</translation>
    </message>
    <message>
        <source>Output current</source>
        <translation>Ausgangsstrom</translation>
    </message>
    <message>
        <source>Over its wires</source>
        <translation>Über ihren Adern</translation>
    </message>
    <message>
        <source>Over the day hottest at the end of {phases}: {hottest}, {settled} of what that phase would settle at.</source>
        <translation>Über den Tag am heißesten am Ende von {phases}: {hottest}, {settled} davon, worauf sich diese Phase einpendeln würde.</translation>
    </message>
    <message>
        <source>Over the edge: edging or a grommet first.</source>
        <translation>Über die Kante: erst Kantenschutz oder Tülle.</translation>
    </message>
    <message>
        <source>Own module for the noisy one</source>
        <translation>Ein eigener Wandler für den Störer</translation>
    </message>
    <message>
        <source>Own steps refer to steps that exist</source>
        <translation>Eigene Schritte stehen nach und vor Schritten, die es gibt</translation>
    </message>
    <message>
        <source>P-clamp with rubber</source>
        <translation>P-Schelle mit Gummi</translation>
    </message>
    <message>
        <source>PTFE</source>
        <translation>PTFE</translation>
    </message>
    <message>
        <source>PVC</source>
        <translation>PVC</translation>
    </message>
    <message>
        <source>Pack current</source>
        <translation>Akkustrom</translation>
    </message>
    <message>
        <source>Pack current solved at six charges a phase and more where it bends; rest voltage, resistance and self-discharge of the chemistry (typical).</source>
        <translation>Akkustrom bei sechs Ladungen je Phase gelöst und bei mehr, wo er sich krümmt; Ruhespannung, Widerstand und Selbstentladung der Chemie (typisch).</translation>
    </message>
    <message>
        <source>Pack plug + to −</source>
        <translation>Akkustecker + gegen −</translation>
    </message>
    <message>
        <source>Pack voltage in the one-second peak, nearly empty</source>
        <translation>Akkuspannung in der stärksten Sekunde, fast leer</translation>
    </message>
    <message>
        <source>Packs</source>
        <translation>Akkus</translation>
    </message>
    <message>
        <source>Packs are charged by a charger</source>
        <translation>Zellen werden von einem Ladegerät geladen</translation>
    </message>
    <message>
        <source>Packs are joined at the same voltage</source>
        <translation>Akkus werden bei gleicher Spannung verbunden</translation>
    </message>
    <message>
        <source>Packs over 100 Wh and aircraft</source>
        <translation>Akkus über 100 Wh und Flugzeuge</translation>
    </message>
    <message>
        <source>Packs that are joined are of one kind, count and age</source>
        <translation>Verbundene Akkus sind von gleicher Art, Zahl und gleichem Alter</translation>
    </message>
    <message>
        <source>Packs, hubs, modules, fuses, switches and plugs</source>
        <translation>Akkus, Verteiler, Wandler, Sicherungen, Schalter und Stecker</translation>
    </message>
    <message>
        <source>Pages (*.html)</source>
        <translation>Seiten (*.html)</translation>
    </message>
    <message>
        <source>Paint under a ring leaves the return open, and cannot be seen.</source>
        <translation>Lack unter einer Öse ist eine offene Rückleitung, die einem Blick entgeht.</translation>
    </message>
    <message>
        <source>Panel off</source>
        <translation>Verkleidung ab</translation>
    </message>
    <message>
        <source>Panel on again</source>
        <translation>Verkleidung wieder an</translation>
    </message>
    <message>
        <source>Parallel conductors carry the load if one breaks</source>
        <translation>Parallele Leiter tragen die Last, wenn einer bricht</translation>
    </message>
    <message>
        <source>Park them {parking} or more from where the iron will be.</source>
        <translation>Park sie {parking} oder mehr von dort, wo der Kolben sein wird.</translation>
    </message>
    <message>
        <source>Parked</source>
        <translation>Abgestellt</translation>
    </message>
    <message>
        <source>Parked, {source} supplies {amps} to what stays on: half of a 50 Ah battery in {days}.</source>
        <translation>Im Stand verliert {source} {amps} an das, was an bleibt: die Hälfte einer Batterie von 50 Ah in {days}.</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>Parts of the catalogue</source>
        <translation>Teile des Katalogs</translation>
    </message>
    <message>
        <source>Parts of the catalogue	Ctrl+L</source>
        <translation>Teile des Katalogs	Ctrl+L</translation>
    </message>
    <message>
        <source>Parts that draw nothing</source>
        <translation>Teile, die nichts ziehen</translation>
    </message>
    <message>
        <source>Parts that need access are reachable</source>
        <translation>Was erreichbar sein muss, liegt nicht hinter mehr, als es darf</translation>
    </message>
    <message>
        <source>Past fuel: tied well off it, no joint and no plug there.</source>
        <translation>An Kraftstoff vorbei: weit davon gebunden, dort keine Verbindung und kein Stecker.</translation>
    </message>
    <message>
        <source>Past the aerial: the pair twisted, at right angles to it, as far off as the place allows.</source>
        <translation>An der Antenne vorbei: das Paar verdrillt, rechtwinklig zu ihr, so weit weg, wie der Ort erlaubt.</translation>
    </message>
    <message>
        <source>Past the airbag: never over it or in front of it, its own plugs untouched.</source>
        <translation>Am Airbag vorbei: nie darüber oder davor, seine eigenen Stecker unberührt.</translation>
    </message>
    <message>
        <source>Past the hinge: a loop that opens and shuts with it, braid over it, a tie on either side.</source>
        <translation>Am Scharnier vorbei: eine Schlaufe, die mit ihm auf- und zugeht, Geflecht darüber, ein Binder auf jeder Seite.</translation>
    </message>
    <message>
        <source>Past the hot place: held off by a clip, or in a sleeve that withstands it.</source>
        <translation>An der heißen Stelle vorbei: von einem Clip ferngehalten oder in einem Schlauch, der sie verträgt.</translation>
    </message>
    <message>
        <source>Past the magnetic sensor: supply and return twisted together, as far off as the place allows.</source>
        <translation>Am Magnetsensor vorbei: Zuleitung und Rückleiter verdrillt, so weit weg, wie der Ort es erlaubt.</translation>
    </message>
    <message>
        <source>Past the {obstacle}, at {at}.</source>
        <translation>Vorbei an: {obstacle}, bei {at}.</translation>
    </message>
    <message>
        <source>Past what turns: tied on both sides, so short between that it cannot reach it.</source>
        <translation>An Drehendem vorbei: beiderseits gebunden, dazwischen so kurz, dass sie es nicht erreicht.</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>Paste	Ctrl+V</source>
        <translation>Einfügen	Ctrl+V</translation>
    </message>
    <message>
        <source>Paste lines</source>
        <translation>Zeilen einfügen</translation>
    </message>
    <message>
        <source>Paste loads</source>
        <translation>Verbraucher einfügen</translation>
    </message>
    <message>
        <source>Paul, Introduction to Electromagnetic Compatibility: mutual inductance of pairs; 20 dB for a twist; ripple typical</source>
        <translation>Paul, Introduction to Electromagnetic Compatibility: Gegeninduktivität von Paaren; 20 dB für das Verdrillen; Welligkeit typisch</translation>
    </message>
    <message>
        <source>Peak {peak} against saturation {saturation}.</source>
        <translation>Spitze {peak} gegen Sättigung {saturation}.</translation>
    </message>
    <message>
        <source>Peak {peak} for up to {peak_time}.</source>
        <translation>Spitze {peak} für bis zu {peak_time}.</translation>
    </message>
    <message>
        <source>Peak {peak} for {peak_time}</source>
        <translation>Spitze {peak} für {peak_time}</translation>
    </message>
    <message>
        <source>Peak {peak} for {peak_time}.</source>
        <translation>Spitze {peak} für {peak_time}.</translation>
    </message>
    <message>
        <source>Peak {peak}; it limits at about {limit}.</source>
        <translation>Spitze {peak}; los lässt es bei etwa {limit}.</translation>
    </message>
    <message>
        <source>Peukert {peukert}: empties {faster} × faster than its ampere-hours say</source>
        <translation>Peukert {peukert}: leert {faster} × schneller, als seine Amperestunden sagen</translation>
    </message>
    <message>
        <source>Photo  (P)</source>
        <translation>Foto  (P)</translation>
    </message>
    <message>
        <source>Photograph it before anything is loosened.</source>
        <translation>Fotografieren, bevor etwas gelöst wird.</translation>
    </message>
    <message>
        <source>Photograph of a step</source>
        <translation>Foto eines Schritts</translation>
    </message>
    <message>
        <source>Photograph the machine before anything comes apart.</source>
        <translation>Fotografiere die Maschine, ehe etwas auseinanderkommt.</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>Picture, scale, zones of this side</source>
        <translation>Bild, Maßstab, Flächen dieser Ansicht</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg)</source>
        <translation>Bilder (*.png *.jpg *.jpeg)</translation>
    </message>
    <message>
        <source>Pictures (*.svg *.pdf *.png)</source>
        <translation>Bilder (*.svg *.pdf *.png)</translation>
    </message>
    <message>
        <source>Pigtail: {hub}</source>
        <translation>Sammelspleiß: {hub}</translation>
    </message>
    <message>
        <source>Pin by pin: {list}.</source>
        <translation>Stift für Stift: {list}.</translation>
    </message>
    <message>
        <source>Pin to the same pin</source>
        <translation>Stift an gleichen Stift</translation>
    </message>
    <message>
        <source>Place a load</source>
        <translation>Einen Verbraucher hinstellen</translation>
    </message>
    <message>
        <source>Place a part</source>
        <translation>Ein Teil hinstellen</translation>
    </message>
    <message>
        <source>Place all</source>
        <translation>Alle hinstellen</translation>
    </message>
    <message>
        <source>Place parts</source>
        <translation>Teile platzieren</translation>
    </message>
    <message>
        <source>Places and the measured ways between them. A band is as thick as its wires.</source>
        <translation>Orte und die gemessenen Wege dazwischen. Ein Band ist so dick wie seine Adern.</translation>
    </message>
    <message>
        <source>Places in it</source>
        <translation>Orte darin</translation>
    </message>
    <message>
        <source>Plain tube with liquid sealant under its ends: sealed; an hour a coat.</source>
        <translation>Schlauch ohne Kleber mit flüssiger Dichtmasse unter den Enden: dicht; eine Stunde je Schicht.</translation>
    </message>
    <message>
        <source>Plain tube: quick and thin; for dry places.</source>
        <translation>Schlauch ohne Kleber: schnell und dünn; für Trockenes.</translation>
    </message>
    <message>
        <source>Plan A against this one</source>
        <translation>Plan A gegen diesen</translation>
    </message>
    <message>
        <source>Plan A is kept only until you leave: {error}</source>
        <translation>Plan A bleibt nur, bis du gehst: {error}</translation>
    </message>
    <message>
        <source>Plan menu</source>
        <translation>Planmenü</translation>
    </message>
    <message>
        <source>Plans (*.json)</source>
        <translation>Pläne (*.json)</translation>
    </message>
    <message>
        <source>Plans, tables and typed lines stay as they are.</source>
        <translation>Pläne, Tabellen und getippte Zeilen bleiben, wie sie sind.</translation>
    </message>
    <message>
        <source>Plug it in, main switch on.</source>
        <translation>Einstecken, Hauptschalter an.</translation>
    </message>
    <message>
        <source>Plug it in.</source>
        <translation>Einstecken.</translation>
    </message>
    <message>
        <source>Plug the pack in, main switch on.</source>
        <translation>Akku einstecken, Hauptschalter an.</translation>
    </message>
    <message>
        <source>Plug the pack in.</source>
        <translation>Den Akku einstecken.</translation>
    </message>
    <message>
        <source>Plug the supply into the wall last; say the polarity aloud first.</source>
        <translation>Das Netzteil zuletzt in die Steckdose, Plus laut gesagt.</translation>
    </message>
    <message>
        <source>Plug-in spark</source>
        <translation>Einsteckfunke</translation>
    </message>
    <message>
        <source>Plug-in spark and pre-charge</source>
        <translation>Einsteckfunke und Vorladen</translation>
    </message>
    <message>
        <source>Plugging the pack in does not draw a damaging inrush</source>
        <translation>Den Akku einzustecken funkt nicht stark</translation>
    </message>
    <message>
        <source>Plugging {source} in sparks: {peak} into {capacitance} µF.</source>
        <translation>{source} einzustecken funkt: {peak} in {capacitance} µF.</translation>
    </message>
    <message>
        <source>Plugs by their bodies, never by the wires; each marked with where it goes.</source>
        <translation>Stecker am Gehäuse, nie an den Drähten; jeder markiert, wohin er gehört.</translation>
    </message>
    <message>
        <source>Plugs first, each till it clicks; the photograph beside it.</source>
        <translation>Erst die Stecker, jeder bis er klickt; das Foto daneben.</translation>
    </message>
    <message>
        <source>Plugs of a forked barrel lead</source>
        <translation>Stecker einer gegabelten Hohlsteckerleitung</translation>
    </message>
    <message>
        <source>Plugs of one kind carry one voltage</source>
        <translation>Stecker einer Art führen eine Spannung</translation>
    </message>
    <message>
        <source>Plus and minus have different colours</source>
        <translation>Plus und Minus haben verschiedene Farben</translation>
    </message>
    <message>
        <source>Plus and minus swapped once is enough. A keyed plug cannot be.</source>
        <translation>Einmal Plus und Minus vertauscht genügt. Bei einem verpolsicheren Stecker geht es nicht.</translation>
    </message>
    <message>
        <source>Plus goes to plus</source>
        <translation>Plus geht an Plus</translation>
    </message>
    <message>
        <source>Plus to minus, with the switches as the Bench says.</source>
        <translation>Plus gegen Minus, die Schalter wie unter Messen gesagt.</translation>
    </message>
    <message>
        <source>Plus to minus.</source>
        <translation>Plus gegen Minus.</translation>
    </message>
    <message>
        <source>Plus to plus</source>
        <translation>Plus an Plus</translation>
    </message>
    <message>
        <source>Point at the wire</source>
        <translation>Zeig auf die Leitung</translation>
    </message>
    <message>
        <source>Polyimide tape, by practice: flat pads, and where it gets hot.</source>
        <translation>Polyimidband, nach Praxis: flache Lötflächen, und wo es heiß wird.</translation>
    </message>
    <message>
        <source>Power</source>
        <translation>Leistung</translation>
    </message>
    <message>
        <source>Power its input alone, through a 1 A fuse or a current-limited supply.</source>
        <translation>Speise nur seinen Eingang, über eine Sicherung 1 A oder ein strombegrenztes Netzgerät.</translation>
    </message>
    <message>
        <source>Power off at once if anything is unexpected.</source>
        <translation>Bei der ersten Überraschung wieder aus.</translation>
    </message>
    <message>
        <source>Power off first: shorts and continuity. Then volts, one switch at a time.</source>
        <translation>Erst ohne Strom: Kurzschlüsse und Durchgang. Dann Volt, ein Schalter nach dem anderen.</translation>
    </message>
    <message>
        <source>Power off, battery out: shorts and continuity</source>
        <translation>Ohne Strom, Akku heraus: Kurzschlüsse und Durchgang</translation>
    </message>
    <message>
        <source>Power off.</source>
        <translation>Strom aus.</translation>
    </message>
    <message>
        <source>Power off. Label the module.</source>
        <translation>Strom aus. Beschrifte den Wandler.</translation>
    </message>
    <message>
        <source>Power off. Mark the screw with paint and label the module.</source>
        <translation>Strom aus. Sichere die Schraube mit Lack und beschrifte den Wandler.</translation>
    </message>
    <message>
        <source>Power on, still through the test lead, with a fuse sized for the load.</source>
        <translation>Strom an, noch über die Prüfleitung; ihre Sicherung so groß, wie der Verbraucher verlangt.</translation>
    </message>
    <message>
        <source>Power on, still through the test lead.</source>
        <translation>Strom an, noch über die Prüfleitung.</translation>
    </message>
    <message>
        <source>Power on, through the test lead</source>
        <translation>Mit Strom, über die Prüfleitung 2 A</translation>
    </message>
    <message>
        <source>Power on.</source>
        <translation>Strom an.</translation>
    </message>
    <message>
        <source>Pre-charge</source>
        <translation>Vorladen</translation>
    </message>
    <message>
        <source>Press + Place, then right-click a place to measure a way to the next.</source>
        <translation>Drücke + Ort, dann Rechtsklick auf einen Ort, um einen Weg zum nächsten zu messen.</translation>
    </message>
    <message>
        <source>Press Propose (Ctrl+Enter): it chooses battery, rails, fuses and wires, and says why.</source>
        <translation>Drücke Vorschlagen (Strg+Enter): es wählt Akku, Schienen, Sicherungen und Leitungen und sagt, warum.</translation>
    </message>
    <message>
        <source>Press for half a minute; it holds in full after a day.</source>
        <translation>Eine halbe Minute drücken; voll hält es nach einem Tag.</translation>
    </message>
    <message>
        <source>Press it in from the front until its clips are heard; tug it from behind.</source>
        <translation>Von vorn eindrücken, bis die Rastnasen hörbar einrasten; von hinten ziehen.</translation>
    </message>
    <message>
        <source>Press it into the clip that is there.</source>
        <translation>Drück sie in den Clip, der da ist.</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Drucken</translation>
    </message>
    <message>
        <source>Print this station's drawing…	Ctrl+P</source>
        <translation>Die Zeichnung dieser Station drucken…	Ctrl+P</translation>
    </message>
    <message>
        <source>Printed.</source>
        <translation>Gedruckt.</translation>
    </message>
    <message>
        <source>Program before the lid</source>
        <translation>Vor dem Deckel programmieren</translation>
    </message>
    <message>
        <source>Program the controller</source>
        <translation>Die Steuerung programmieren</translation>
    </message>
    <message>
        <source>Propellers off until the very last test, and then outdoors with everyone clear of the front and above.</source>
        <translation>Propeller ab bis zur allerletzten Probe, und dann draußen, niemand davor oder darüber.</translation>
    </message>
    <message>
        <source>Propellers off, wheels off the ground: a controller may move what it drives.</source>
        <translation>Propeller ab, Räder vom Boden: Eine Steuerung kann bewegen, was sie antreibt.</translation>
    </message>
    <message>
        <source>Propellers off. Rings and watches off your hands.</source>
        <translation>Propeller ab. Ringe und Uhren ablegen.</translation>
    </message>
    <message>
        <source>Propose</source>
        <translation>Vorschlagen</translation>
    </message>
    <message>
        <source>Propose (Ctrl+Enter) gives every load a fuse and a wire.</source>
        <translation>Vorschlagen (Strg+Enter) gibt jedem Verbraucher Sicherung und Leitung.</translation>
    </message>
    <message>
        <source>Propose (Ctrl+Enter) wires it; the diagram is then shown here.</source>
        <translation>Vorschlagen (Strg+Enter) verdrahtet es; dann steht hier der Schaltplan.</translation>
    </message>
    <message>
        <source>Propose wiring</source>
        <translation>Verdrahtung vorschlagen</translation>
    </message>
    <message>
        <source>Propose wiring	Ctrl+Enter</source>
        <translation>Verdrahtung vorschlagen	Ctrl+Enter</translation>
    </message>
    <message>
        <source>Protect</source>
        <translation>Schützen</translation>
    </message>
    <message>
        <source>Prove the loads fed directly from {source}</source>
        <translation>Prüfe, was direkt an {source} hängt</translation>
    </message>
    <message>
        <source>Prove {module}</source>
        <translation>Prüfe {module}</translation>
    </message>
    <message>
        <source>Pull back on the housing, not on the wires: it holds.</source>
        <translation>Am Gehäuse ziehen, nicht an den Drähten: er hält.</translation>
    </message>
    <message>
        <source>Pull back on the wire: a contact that is not latched slides out.</source>
        <translation>Zieh den Draht zurück: ein nicht eingerasteter Kontakt rutscht heraus.</translation>
    </message>
    <message>
        <source>Pull one of its plugs through, by the housing; leave the loop on the load's side.</source>
        <translation>Einen ihrer Stecker am Gehäuse hindurchziehen; die Schlaufe auf der Seite der Last lassen.</translation>
    </message>
    <message>
        <source>Pull the bare, unterminated end through; leave the loop on the load's side.</source>
        <translation>Zieh das blanke, ungemachte Ende hindurch; lass die Schlaufe auf der Seite des Verbrauchers.</translation>
    </message>
    <message>
        <source>Pull the circuit's fuse.</source>
        <translation>Die Sicherung des Stromkreises ziehen.</translation>
    </message>
    <message>
        <source>Pull the {fuse} fuse of the circuit; keep it at hand.</source>
        <translation>Zieh die Sicherung {fuse} des Stromkreises; behalte sie zur Hand.</translation>
    </message>
    <message>
        <source>Pull {count} red {count|wire|wires}</source>
        <translation>Ziehe {count} rote {count|Ader|Adern}</translation>
    </message>
    <message>
        <source>Pull: {part}</source>
        <translation>Ziehen: {part}</translation>
    </message>
    <message>
        <source>Punch the centre, drill small first, then to size; deburr both sides, brush the chips out.</source>
        <translation>Mitte ankörnen, klein vorbohren, dann auf Maß; beidseitig entgraten, Späne ausbürsten.</translation>
    </message>
    <message>
        <source>Push each bared end in to the stop.</source>
        <translation>Schieb jedes blanke Ende bis zum Anschlag hinein.</translation>
    </message>
    <message>
        <source>Push in to the stop.</source>
        <translation>Bis zum Anschlag einstecken.</translation>
    </message>
    <message>
        <source>Push it in until it latches.</source>
        <translation>Einstecken, bis er einrastet.</translation>
    </message>
    <message>
        <source>Push it into the housing until it clicks, pull back on the wire.</source>
        <translation>Schieb ihn ins Gehäuse, bis er klickt, zieh den Draht zurück.</translation>
    </message>
    <message>
        <source>Push the bared end in until it shows past the barrel.</source>
        <translation>Schieb das blanke Ende hinein, bis es hinter der Hülse zu sehen ist.</translation>
    </message>
    <message>
        <source>Push the bared, fluxed strands into the barrel.</source>
        <translation>Schieb die blanke Litze mit Flussmittel in die Hülse.</translation>
    </message>
    <message>
        <source>Push the cap on until the insulation is inside it.</source>
        <translation>Schieb die Kappe auf, bis die Isolierung darin ist.</translation>
    </message>
    <message>
        <source>Push the contact into the housing until it clicks.</source>
        <translation>Den Kontakt ins Gehäuse schieben, bis er einrastet.</translation>
    </message>
    <message>
        <source>Push the mating half on so that the pins stay straight.</source>
        <translation>Schieb die Gegenhälfte auf, damit die Stifte gerade bleiben.</translation>
    </message>
    <message>
        <source>Push the pin into its shell until it clicks: + where the shell says +.</source>
        <translation>Schieb den Stift in sein Gehäuse, bis er klickt: + dort, wo das Gehäuse + sagt.</translation>
    </message>
    <message>
        <source>Push the strands in until they show at the far side of the barrel.</source>
        <translation>Schieb die Litze hinein, bis sie am anderen Ende der Hülse zu sehen ist.</translation>
    </message>
    <message>
        <source>Push the strands into the pin until they show in its sight hole.</source>
        <translation>Schieb die Litze in den Stift, bis sie in seinem Sichtloch zu sehen ist.</translation>
    </message>
    <message>
        <source>Push the tap in with its lead on the dead side: the other way round one fuse carries both. Check that the cover closes.</source>
        <translation>Den Abgriff einschieben, seine Leitung auf der stromlosen Seite: Andersherum trägt eine Sicherung beides. Sehen, dass der Deckel schließt.</translation>
    </message>
    <message>
        <source>Put a braid over them</source>
        <translation>Ein Geflecht darüberziehen</translation>
    </message>
    <message>
        <source>Put a picture behind</source>
        <translation>Ein Bild dahinterlegen</translation>
    </message>
    <message>
        <source>Put a switch in its feed</source>
        <translation>Setze einen Schalter in seine Zuleitung</translation>
    </message>
    <message>
        <source>Put here</source>
        <translation>Hierher setzen</translation>
    </message>
    <message>
        <source>Put in the {obstacle}.</source>
        <translation>Setz ein: {obstacle}.</translation>
    </message>
    <message>
        <source>Put in {name}</source>
        <translation>{name} einsetzen</translation>
    </message>
    <message>
        <source>Put it at the end of the way</source>
        <translation>Ans Ende des Weges legen</translation>
    </message>
    <message>
        <source>Put it into the plan and wire the plan for it</source>
        <translation>In den Plan setzen und den Plan dafür verdrahten</translation>
    </message>
    <message>
        <source>Put the lid of {closed} on without pinching a wire; test once more.</source>
        <translation>Den Deckel von {closed} auf, nichts eingeklemmt; noch einmal prüfen.</translation>
    </message>
    <message>
        <source>Put the lid on without pinching a wire; test once more before the trim goes back.</source>
        <translation>Setz den Deckel auf, ohne dass etwas klemmt; prüfe noch einmal, ehe die Verkleidung zurückkommt.</translation>
    </message>
    <message>
        <source>Put the {suiting_filter} in its lead</source>
        <translation>{suiting_filter} in seine Leitung setzen</translation>
    </message>
    <message>
        <source>Q {quality}: damped by its own resistance.</source>
        <translation>Q {quality}: durch seinen eigenen Widerstand gedämpft.</translation>
    </message>
    <message>
        <source>Q {quality}: it rings; {damping} with a capacitor of four times C across the output calms it.</source>
        <translation>Q {quality}: es schwingt über; {damping} mit einem Kondensator von 4 C über dem Ausgang dämpft es.</translation>
    </message>
    <message>
        <source>Quiet pack</source>
        <translation>Leiser Akku</translation>
    </message>
    <message>
        <source>Quieten</source>
        <translation>Beruhigen</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>Quit	Ctrl+Q</source>
        <translation>Beenden	Strg+Q</translation>
    </message>
    <message>
        <source>RC charging; ½CV².</source>
        <translation>RC-Aufladung; ½CV².</translation>
    </message>
    <message>
        <source>Rails</source>
        <translation>Schienen</translation>
    </message>
    <message>
        <source>Range and fuse as said; 0.3 V at the fuse's rating where its wire is not known (typical).</source>
        <translation>Bereich und Sicherung wie gesagt; 0,3 V beim Nennwert der Sicherung, wo die Leitung nicht bekannt ist (üblich).</translation>
    </message>
    <message>
        <source>Range and print as said; 2 % regulation, a fifth over the print before it folds back (typical).</source>
        <translation>Bereich und Aufdruck wie gesagt; 2 % Regelung, ein Fünftel über dem Aufdruck, ehe es einknickt (üblich).</translation>
    </message>
    <message>
        <source>Read the steps through once.</source>
        <translation>Lies die Schritte einmal durch.</translation>
    </message>
    <message>
        <source>Reading {fileName}…</source>
        <translation>{fileName} wird gelesen…</translation>
    </message>
    <message>
        <source>Readings</source>
        <translation>Messungen</translation>
    </message>
    <message>
        <source>Readings as CSV…</source>
        <translation>Messungen als CSV…</translation>
    </message>
    <message>
        <source>Readings follow from a wired plan: press Propose (Ctrl+Enter).</source>
        <translation>Messungen folgen aus einem verdrahteten Plan: drücke Vorschlagen (Strg+Enter).</translation>
    </message>
    <message>
        <source>Readings to write in</source>
        <translation>Messwerte zum Eintragen</translation>
    </message>
    <message>
        <source>Ready-made loads to start from, until you have measured yours</source>
        <translation>Fertige Verbraucher als Anfang, bis du deine gemessen hast</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>Zuletzt</translation>
    </message>
    <message>
        <source>Recommended charging current: {current}.</source>
        <translation>Er will mit {current} geladen werden.</translation>
    </message>
    <message>
        <source>Record  (Enter)</source>
        <translation>Eintragen  (Enter)</translation>
    </message>
    <message>
        <source>Record a reading</source>
        <translation>Eine Messung festhalten</translation>
    </message>
    <message>
        <source>Record {count} readings</source>
        <translation>{count} Messungen festhalten</translation>
    </message>
    <message>
        <source>Recover unsaved work</source>
        <translation>Ungesicherte Arbeit zurückholen</translation>
    </message>
    <message>
        <source>Red and black</source>
        <translation>Rot und Schwarz</translation>
    </message>
    <message>
        <source>Red is plus and black is minus in every cable</source>
        <translation>Rot ist Plus und Schwarz ist Minus in jedem Kabel</translation>
    </message>
    <message>
        <source>Red probe into its slot, black on bare metal of the vehicle.</source>
        <translation>Rote Spitze in ihren Platz, schwarze auf blankes Metall des Fahrzeugs.</translation>
    </message>
    <message>
        <source>Red probe on the battery's + stud, black on its −.</source>
        <translation>Rote Spitze an den Plusbolzen der Batterie, schwarze an ihr Minus.</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wieder</translation>
    </message>
    <message>
        <source>Redo {redo_text}	Ctrl+Shift+Z</source>
        <translation>Wieder: {redo_text}	Ctrl+Shift+Z</translation>
    </message>
    <message>
        <source>Regulators on one rail drive each other: the highest carries all the load and back-feeds the others until one fails.</source>
        <translation>Regler an einer Schiene kämpfen: der höchste speist alles und drückt in die anderen. Einer davon stirbt.</translation>
    </message>
    <message>
        <source>Reheat the cup, push the wire in, hold still until it sets.</source>
        <translation>Erwärme den Topf wieder, schieb den Draht hinein, halt still, bis es fest ist.</translation>
    </message>
    <message>
        <source>Relay: {name}</source>
        <translation>Relais: {name}</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove	Del</source>
        <translation>Entfernen	Del</translation>
    </message>
    <message>
        <source>Remove a body</source>
        <translation>Ein Gehäuse entfernen</translation>
    </message>
    <message>
        <source>Remove a cable</source>
        <translation>Ein Kabel entfernen</translation>
    </message>
    <message>
        <source>Remove a core</source>
        <translation>Eine Ader entfernen</translation>
    </message>
    <message>
        <source>Remove a part</source>
        <translation>Ein Teil entfernen</translation>
    </message>
    <message>
        <source>Remove a place</source>
        <translation>Einen Ort entfernen</translation>
    </message>
    <message>
        <source>Remove a side</source>
        <translation>Eine Ansicht entfernen</translation>
    </message>
    <message>
        <source>Remove a step of your own</source>
        <translation>Eigenen Schritt entfernen</translation>
    </message>
    <message>
        <source>Remove a way</source>
        <translation>Einen Weg entfernen</translation>
    </message>
    <message>
        <source>Remove a zone</source>
        <translation>Eine Fläche entfernen</translation>
    </message>
    <message>
        <source>Remove it</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove it, with its leads</source>
        <translation>Entfernen, mit seinen Leitungen</translation>
    </message>
    <message>
        <source>Remove it, with its ways</source>
        <translation>Entfernen, mit seinen Wegen</translation>
    </message>
    <message>
        <source>Remove it; what is in it stays</source>
        <translation>Entfernen; was darin ist, bleibt</translation>
    </message>
    <message>
        <source>Remove mine</source>
        <translation>Meines entfernen</translation>
    </message>
    <message>
        <source>Remove the cable</source>
        <translation>Das Kabel entfernen</translation>
    </message>
    <message>
        <source>Remove this side; its places go to the first</source>
        <translation>Diese Ansicht entfernen; ihre Orte gehen zur ersten</translation>
    </message>
    <message>
        <source>Remove {name}</source>
        <translation>{name} entfernen</translation>
    </message>
    <message>
        <source>Removed a source</source>
        <translation>Eine Quelle entfernt</translation>
    </message>
    <message>
        <source>Removed {words}</source>
        <translation>{words} entfernt</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Umbenennen</translation>
    </message>
    <message>
        <source>Rename a cable</source>
        <translation>Ein Kabel umbenennen</translation>
    </message>
    <message>
        <source>Rename a phase</source>
        <translation>Eine Phase umbenennen</translation>
    </message>
    <message>
        <source>Rename the plan</source>
        <translation>Den Plan umbenennen</translation>
    </message>
    <message>
        <source>Rename…</source>
        <translation>Umbenennen…</translation>
    </message>
    <message>
        <source>Repeat the phases</source>
        <translation>Die Phasen wiederholen</translation>
    </message>
    <message>
        <source>Replace</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>Resistance {resistance}: {resistance_factor} × a new pack's {fresh_ohm}.</source>
        <translation>Widerstand {resistance}: {resistance_factor} × die {fresh_ohm} eines neuen Akkus.</translation>
    </message>
    <message>
        <source>Resistor and button in series, across the switch or the plug that makes the spark.</source>
        <translation>Widerstand und Taster in Reihe, über den Schalter oder Stecker, der funkt.</translation>
    </message>
    <message>
        <source>Resistors across the pair at both ends</source>
        <translation>Widerstände über das Paar an beiden Enden</translation>
    </message>
    <message>
        <source>Reversed polarity: whatever it feeds is destroyed when it is plugged in.</source>
        <translation>Plus auf Minus: was dahinter ist, stirbt im Augenblick des Einsteckens.</translation>
    </message>
    <message>
        <source>Right at its source</source>
        <translation>Gleich an der Quelle</translation>
    </message>
    <message>
        <source>Right at the source</source>
        <translation>Gleich an der Quelle</translation>
    </message>
    <message>
        <source>Right seen from behind is left: a plug drawn from the wire side is the mirror image of its face.</source>
        <translation>Rechts ist von hinten gesehen links: ein von der Leitungsseite gezeichneter Stecker ist das Spiegelbild seines Gesichts.</translation>
    </message>
    <message>
        <source>Right-click for how wires meet there.</source>
        <translation>Rechtsklick: wie Drähte dort zusammenkommen.</translation>
    </message>
    <message>
        <source>Right-click for more.</source>
        <translation>Rechtsklick: mehr.</translation>
    </message>
    <message>
        <source>Right-click for the other ways that it could go.</source>
        <translation>Rechtsklick: die anderen Wege, die sie nehmen könnte.</translation>
    </message>
    <message>
        <source>Right-click to type another pack or fit an old one to its measured discharge.</source>
        <translation>Rechtsklick, um einen anderen Akku zu tippen oder einen alten an seine gemessene Entladung anzupassen.</translation>
    </message>
    <message>
        <source>Right-click to type it anew.</source>
        <translation>Rechtsklick, um sie neu zu tippen.</translation>
    </message>
    <message>
        <source>Right-click, or drag it, to split, merge or feed it from elsewhere.</source>
        <translation>Rechtsklick oder ziehen: teilen, zusammenlegen oder von woanders speisen.</translation>
    </message>
    <message>
        <source>Right-click: fuse, switch, filter, meter …</source>
        <translation>Rechtsklick: Sicherung, Schalter, Filter, Messgerät …</translation>
    </message>
    <message>
        <source>Right? Power off and fit what lies behind it.</source>
        <translation>Richtig? Strom aus und einsetzen, was dahinter liegt.</translation>
    </message>
    <message>
        <source>Ring the sheath {end_from} from one end and {end_to} from the other, bend it there and pull it off: never cut through to the cores.</source>
        <translation>Den Mantel {end_from} vom einen und {end_to} vom anderen Ende rundum einschneiden, dort knicken und abziehen: nie bis auf die Adern schneiden.</translation>
    </message>
    <message>
        <source>Ring, serrated washer, bolt; tight enough that the ring does not turn by hand.</source>
        <translation>Öse, Zahnscheibe, Schraube; so fest, dass sich die Öse von Hand nicht dreht.</translation>
    </message>
    <message>
        <source>Ringing at plug-in exceeds what the meter shows: converters run at their maximum input fail.</source>
        <translation>Wandler sterben am Typenschild: das Überschwingen beim Einstecken geht über das, was das Messgerät zeigt.</translation>
    </message>
    <message>
        <source>Rings and watches off your hands.</source>
        <translation>Ringe und Uhren von den Händen.</translation>
    </message>
    <message>
        <source>Rings on a stud or bus bar</source>
        <translation>Ösen auf einem Bolzen oder einer Sammelschiene</translation>
    </message>
    <message>
        <source>Room is kept for</source>
        <translation>Platz bleibt für</translation>
    </message>
    <message>
        <source>Round the corner in a curve as wide as it has room for, never pulled tight over it.</source>
        <translation>In so weitem Bogen um die Ecke, wie Platz ist, nie straff darüber gezogen.</translation>
    </message>
    <message>
        <source>Round the corner to {radius}</source>
        <translation>Ecke auf {radius} runden</translation>
    </message>
    <message>
        <source>Round the {lead}: {inline_name}</source>
        <translation>Um {lead}: {inline_name}</translation>
    </message>
    <message>
        <source>Routing</source>
        <translation>Wege</translation>
    </message>
    <message>
        <source>Rows of a spreadsheet, or the lines of a plan that someone sent you.</source>
        <translation>Zeilen einer Tabelle, oder die Zeilen eines Plans, den dir jemand geschickt hat.</translation>
    </message>
    <message>
        <source>Rubber all round the leads, the screw through a locking washer.</source>
        <translation>Gummi rings um die Leitungen, die Schraube durch eine Sicherungsscheibe.</translation>
    </message>
    <message>
        <source>Ruled out: {reason}.</source>
        <translation>Ausgeschieden: {reason}.</translation>
    </message>
    <message>
        <source>Rules of thumb: cautious {cautious_current}, bold {bold_current}</source>
        <translation>Handwerksregeln: vorsichtig {cautious_current}, kühn {bold_current}</translation>
    </message>
    <message>
        <source>Run at a share</source>
        <translation>Mit einem Anteil laufen</translation>
    </message>
    <message>
        <source>Run time</source>
        <translation>Laufzeit</translation>
    </message>
    <message>
        <source>Run time against mass: light is left, lasting is up</source>
        <translation>Laufzeit gegen Masse: links ist leicht, oben hält lange</translation>
    </message>
    <message>
        <source>Runs of wire to make</source>
        <translation>Leitungen, die zu machen sind</translation>
    </message>
    <message>
        <source>Runs {continuous}, peak {peak}{timed| for {peak_time}|}</source>
        <translation>Führt {continuous}, Spitze {peak}{timed| für {peak_time}|}</translation>
    </message>
    <message>
        <source>Runs {run}  ·  worst drop {worst_drop_share}  ·  {mass}</source>
        <translation>Läuft {run}  ·  größter Abfall {worst_drop_share}  ·  {mass}</translation>
    </message>
    <message>
        <source>SPI bus</source>
        <translation>SPI-Bus</translation>
    </message>
    <message>
        <source>Same colour to same colour, one after the other.</source>
        <translation>Gleiche Farbe an gleiche Farbe, eine nach der anderen.</translation>
    </message>
    <message>
        <source>Sat</source>
        <translation>Sa</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Sichern</translation>
    </message>
    <message>
        <source>Save	Ctrl+S</source>
        <translation>Sichern	Ctrl+S</translation>
    </message>
    <message>
        <source>Save as</source>
        <translation>Sichern unter</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Sichern unter …</translation>
    </message>
    <message>
        <source>Save as…	Ctrl+Shift+S</source>
        <translation>Sichern unter…	Ctrl+Shift+S</translation>
    </message>
    <message>
        <source>Save the plan</source>
        <translation>Den Plan sichern</translation>
    </message>
    <message>
        <source>Saved to {file}.</source>
        <translation>Gesichert nach {file}.</translation>
    </message>
    <message>
        <source>Saved to {file}; the version before could not be kept: {not_kept}</source>
        <translation>Gesichert in {file}; die Fassung davor konnte nicht aufbewahrt werden: {not_kept}</translation>
    </message>
    <message>
        <source>Say a part's terminals</source>
        <translation>Die Klemmen eines Teils sagen</translation>
    </message>
    <message>
        <source>Say it of {count} things</source>
        <translation>Von {count} Dingen sagen</translation>
    </message>
    <message>
        <source>Say it otherwise</source>
        <translation>Anders sagen</translation>
    </message>
    <message>
        <source>Say more of it</source>
        <translation>Mehr davon sagen</translation>
    </message>
    <message>
        <source>Say what a place is in</source>
        <translation>Sagen, worin ein Ort ist</translation>
    </message>
    <message>
        <source>Say what is at hand</source>
        <translation>Sagen, was vorhanden ist</translation>
    </message>
    <message>
        <source>Say what is on the way</source>
        <translation>Sagen, was auf dem Weg ist</translation>
    </message>
    <message>
        <source>Say when a part is expected</source>
        <translation>Sagen, wann ein Teil erwartet wird</translation>
    </message>
    <message>
        <source>Say when it is expected…</source>
        <translation>Sagen, wann es erwartet wird…</translation>
    </message>
    <message>
        <source>Say where it lies on the way</source>
        <translation>Sagen, wo auf dem Weg es liegt</translation>
    </message>
    <message>
        <source>Scale by two points…</source>
        <translation>Maßstab aus zwei Punkten…</translation>
    </message>
    <message>
        <source>Schools</source>
        <translation>Schulen</translation>
    </message>
    <message>
        <source>Schools for new plans</source>
        <translation>Schulen für neue Pläne</translation>
    </message>
    <message>
        <source>Schools to follow</source>
        <translation>Schulen, denen gefolgt wird</translation>
    </message>
    <message>
        <source>Schottky diode {} A</source>
        <translation>Schottky-Diode {} A</translation>
    </message>
    <message>
        <source>Schottky diode {} A on a heat sink</source>
        <translation>Schottky-Diode {} A auf Kühlkörper</translation>
    </message>
    <message>
        <source>Scrape the lacquer off 4 mm of the trace until copper shines; not through it.</source>
        <translation>Schab den Lack auf 4 mm der Bahn ab, bis Kupfer glänzt; nicht hindurch.</translation>
    </message>
    <message>
        <source>Scrape the spot bare, as wide as the ring.</source>
        <translation>Schab die Stelle blank, so weit wie die Öse.</translation>
    </message>
    <message>
        <source>Screw terminals</source>
        <translation>Schraubklemmen</translation>
    </message>
    <message>
        <source>Screw the antenna on finger-tight.</source>
        <translation>Schraub die Antenne handfest an.</translation>
    </message>
    <message>
        <source>Screws by hand, then in a cross: none is left in the bowl.</source>
        <translation>Schrauben von Hand, dann über Kreuz: Keine bleibt in der Schale.</translation>
    </message>
    <message>
        <source>Screws in a cross, none longer than what they go into is deep.</source>
        <translation>Schrauben über Kreuz, keine länger als ihr Loch tief ist.</translation>
    </message>
    <message>
        <source>Screws into a bowl in the order in which they come out.</source>
        <translation>Schrauben in eine Schale, in der Reihenfolge, in der sie herauskommen.</translation>
    </message>
    <message>
        <source>Seal ring on the outside, under its flange, dry and not twisted.</source>
        <translation>Dichtring außen, unter den Flansch, trocken und nicht verdreht.</translation>
    </message>
    <message>
        <source>Sealed: what passes its wall goes through a gland.</source>
        <translation>Abgedichtet: was durch seine Wand geht, geht durch eine Verschraubung.</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Suchen</translation>
    </message>
    <message>
        <source>Search again</source>
        <translation>Noch einmal suchen</translation>
    </message>
    <message>
        <source>Search for the best plan</source>
        <translation>Den besten Plan suchen</translation>
    </message>
    <message>
        <source>Searching …</source>
        <translation>Sucht …</translation>
    </message>
    <message>
        <source>Seat it in the wall of {part}</source>
        <translation>In die Wand von {part} setzen</translation>
    </message>
    <message>
        <source>Seat it in: {better}</source>
        <translation>Setze sie in: {better}</translation>
    </message>
    <message>
        <source>Seat the fuse in</source>
        <translation>Die Sicherung setzen in</translation>
    </message>
    <message>
        <source>Seat the fuse in: {name}</source>
        <translation>Die Sicherung setzen in: {name}</translation>
    </message>
    <message>
        <source>Seat {name} in {part}</source>
        <translation>{name} in {part} einsetzen</translation>
    </message>
    <message>
        <source>Seat {passive}</source>
        <translation>Setze {passive} ein</translation>
    </message>
    <message>
        <source>Seat {passive} at {where}</source>
        <translation>Setze {passive} bei {where} ein</translation>
    </message>
    <message>
        <source>Second-order low pass with the losses of coil and capacitor.</source>
        <translation>Tiefpass zweiter Ordnung mit den Verlusten von Spule und Kondensator.</translation>
    </message>
    <message>
        <source>See what ring its studs take, and where the lead can lie to it, sleeved.</source>
        <translation>Sehen, welchen Ring die Bolzen nehmen und wo die Leitung dorthin liegen kann, im Schlauch.</translation>
    </message>
    <message>
        <source>Select a feed: it is drawn here from source to end.</source>
        <translation>Wähle eine Zuleitung: sie wird hier von der Quelle bis zum Ende gezeichnet.</translation>
    </message>
    <message>
        <source>Select a load, a rail, a wire, a step or a reading: its arithmetic is shown here.</source>
        <translation>Wähle einen Verbraucher, eine Schiene, eine Leitung, einen Schritt oder eine Messung: hier steht die Rechnung.</translation>
    </message>
    <message>
        <source>Select all</source>
        <translation>Alles auswählen</translation>
    </message>
    <message>
        <source>Select; double-click or Enter edits its line</source>
        <translation>Auswählen; Doppelklick oder Enter bearbeitet die Zeile</translation>
    </message>
    <message>
        <source>Selective is what opens at the latest before the other at its earliest.</source>
        <translation>Selektiv ist, was spätestens öffnet, ehe das andere frühestens öffnet.</translation>
    </message>
    <message>
        <source>Self-discharge takes {leak_amps} of it by itself.</source>
        <translation>Die Selbstentladung nimmt davon allein {leak_amps}.</translation>
    </message>
    <message>
        <source>Sensitive loads do not return through the frame</source>
        <translation>Empfindliche Verbraucher kehren nicht über den Rahmen zurück</translation>
    </message>
    <message>
        <source>Servo leads of both colour families: in one black is minus, in the other brown.</source>
        <translation>Servoleitungen beider Farbfamilien: in der einen ist Schwarz Minus, in der anderen Braun.</translation>
    </message>
    <message>
        <source>Servo leads, data pairs, motor phases: core by core</source>
        <translation>Servoleitungen, Datenpaare, Motorphasen: Ader für Ader</translation>
    </message>
    <message>
        <source>Servos are rated for {servo_stands} at most; the plug is the same.</source>
        <translation>Servos vertragen höchstens {servo_stands}; der Stecker ist derselbe.</translation>
    </message>
    <message>
        <source>Set a rail</source>
        <translation>Eine Schiene einstellen</translation>
    </message>
    <message>
        <source>Set high, the far end keeps its voltage at full load; set to nominal, nothing is ever above it.</source>
        <translation>Hoch eingestellt sieht das ferne Ende auch unter Last seine Spannung; auf Nennwert ist nie etwas darüber.</translation>
    </message>
    <message>
        <source>Set rails</source>
        <translation>Schienen einstellen</translation>
    </message>
    <message>
        <source>Set the module with nothing on its output, then connect the loads.</source>
        <translation>Stell den Wandler ohne Last am Ausgang ein, dann schließ die Verbraucher an.</translation>
    </message>
    <message>
        <source>Set the scale</source>
        <translation>Den Maßstab setzen</translation>
    </message>
    <message>
        <source>Set to {setting}</source>
        <translation>Eingestellt auf {setting}</translation>
    </message>
    <message>
        <source>Set voltage</source>
        <translation>Eingestellte Spannung</translation>
    </message>
    <message>
        <source>Set voltage of {name}</source>
        <translation>Eingestellte Spannung von {name}</translation>
    </message>
    <message>
        <source>Set {converter} to {setting}</source>
        <translation>Stell {converter} auf {setting}</translation>
    </message>
    <message>
        <source>Set {proposed}</source>
        <translation>Stell ihn auf {proposed}</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Settings	Ctrl+,</source>
        <translation>Einstellungen	Ctrl+,</translation>
    </message>
    <message>
        <source>Settings saved to a file beside the plan.</source>
        <translation>Einstellungen in einer Datei neben dem Plan gesichert.</translation>
    </message>
    <message>
        <source>Shield what lies beneath with a wet cloth; the insulation shrinks back {burn_back}.</source>
        <translation>Ein nasses Tuch schirmt ab, was darunter liegt; die Isolierung zieht sich {burn_back} zurück.</translation>
    </message>
    <message>
        <source>Shopping</source>
        <translation>Einkauf</translation>
    </message>
    <message>
        <source>Shopping list</source>
        <translation>Einkaufsliste</translation>
    </message>
    <message>
        <source>Shopping list as CSV…</source>
        <translation>Einkaufsliste als CSV…</translation>
    </message>
    <message>
        <source>Short at its end</source>
        <translation>Kurz am Ende</translation>
    </message>
    <message>
        <source>Short at the end of {length} of {wire}</source>
        <translation>Kurzschluss am Ende von {length} {wire}</translation>
    </message>
    <message>
        <source>Short by {volts}.</source>
        <translation>Es fehlen {volts}.</translation>
    </message>
    <message>
        <source>Short or no short</source>
        <translation>Kurzschluss oder keiner</translation>
    </message>
    <message>
        <source>Shorten each lead of the holder to {length}{known| ({wire})|}.</source>
        <translation>Kürze jede Leitung des Halters auf {length}{known| ({wire})|}.</translation>
    </message>
    <message>
        <source>Shorter leads lose less, too; whether it fits there, and stays cool, you see.</source>
        <translation>Kürzere Leitungen verlieren auch weniger; ob es dort passt und kühl bleibt, siehst du.</translation>
    </message>
    <message>
        <source>Shorts before volts.</source>
        <translation>Kurzschlüsse vor Volt.</translation>
    </message>
    <message>
        <source>Show Why	F9</source>
        <translation>Warum zeigen	F9</translation>
    </message>
    <message>
        <source>Show this side</source>
        <translation>Diese Ansicht zeigen</translation>
    </message>
    <message>
        <source>Shrink it without lingering: the board does not like the heat.</source>
        <translation>Schrumpf ihn ohne zu verweilen: die Platine mag die Hitze nicht.</translation>
    </message>
    <message>
        <source>Shrink the tube, then sealant under both its ends; leave it an hour.</source>
        <translation>Schrumpf den Schlauch, dann Dichtmasse unter beide Enden; lass es eine Stunde stehen.</translation>
    </message>
    <message>
        <source>Shrink tube with</source>
        <translation>Schlauch schrumpfen mit</translation>
    </message>
    <message>
        <source>Side {count}</source>
        <translation>Ansicht {count}</translation>
    </message>
    <message>
        <source>Sign of money</source>
        <translation>Zeichen für Geld</translation>
    </message>
    <message>
        <source>Signal and ground go together; the red wire only where the far end has no other supply.</source>
        <translation>Signal und Masse gehen zusammen; die rote Ader nur, wo das ferne Ende keine andere Versorgung hat.</translation>
    </message>
    <message>
        <source>Signals go no further than what they speak reaches</source>
        <translation>Signale gehen nicht weiter, als ihre Sprache reicht</translation>
    </message>
    <message>
        <source>Siren 12V 2A peak 3,5A noisy</source>
        <translation>Siren 12V 2A peak 3,5A noisy</translation>
    </message>
    <message>
        <source>Sit it on {converters}</source>
        <translation>Setz ihn auf {converters}</translation>
    </message>
    <message>
        <source>Sits in an opening of {cutout}.</source>
        <translation>Sitzt in einer Öffnung von {cutout}.</translation>
    </message>
    <message>
        <source>Size of letters</source>
        <translation>Größe der Schrift</translation>
    </message>
    <message>
        <source>Size wires by</source>
        <translation>Leitungen bemessen nach</translation>
    </message>
    <message>
        <source>Sized as computed or with margin</source>
        <translation>Knapp oder großzügig bemessen</translation>
    </message>
    <message>
        <source>Sizes of wire</source>
        <translation>Leitungsgrößen auf dem Schirm</translation>
    </message>
    <message>
        <source>Slide dome nuts and seals on first, in this order: {status}.</source>
        <translation>Zuerst Hutmuttern und Dichtungen aufschieben, in dieser Reihenfolge: {status}.</translation>
    </message>
    <message>
        <source>Slide on the braid, to {at} from {part}.</source>
        <translation>Schieb das Geflecht auf, bis {at} von {part}.</translation>
    </message>
    <message>
        <source>Slide on the {obstacle}, for the end at {part}.</source>
        <translation>Aufschieben: {obstacle}, für das Ende bei {part}.</translation>
    </message>
    <message>
        <source>Slide on the {obstacle}, to {at} from {part}.</source>
        <translation>Aufschieben: {obstacle}, bis {at} ab {part}.</translation>
    </message>
    <message>
        <source>Slide on {obstacle}, for the end at {part}.</source>
        <translation>Schieb {obstacle} auf, für das Ende bei {part}.</translation>
    </message>
    <message>
        <source>Slide on {obstacle}; park it {at} from the end at {part}.</source>
        <translation>Schieb {obstacle} auf; park es {at} vom Ende bei {part}.</translation>
    </message>
    <message>
        <source>Slide the dome nut and the seal of {first} on first.</source>
        <translation>Zuerst Hutmutter und Dichtung von {first} aufschieben.</translation>
    </message>
    <message>
        <source>Slide the ferrule on, no strand outside, and press it.</source>
        <translation>Schieb die Aderendhülse auf, kein Einzeldraht außen, und press sie.</translation>
    </message>
    <message>
        <source>Slide the sleeve on and lay the bared ends side by side under its solder ring.</source>
        <translation>Schieb den Verbinder auf und leg die blanken Enden nebeneinander unter seinen Lotring.</translation>
    </message>
    <message>
        <source>Slide {length} of {braid} over all of it, its ends singed, and hold each with a short tube, half on the braid.</source>
        <translation>{length} {braid} über alles schieben, die Enden angesengt, und jedes mit einem kurzen Schlauch halten, halb auf dem Geflecht.</translation>
    </message>
    <message>
        <source>Slide {length} of {tube} over all of it and shrink it from the middle outwards.</source>
        <translation>{length} {tube} über alles schieben und von der Mitte nach außen schrumpfen.</translation>
    </message>
    <message>
        <source>Small modules seldom carry their printed current for long.</source>
        <translation>Kleine Wandler tragen den aufgedruckten Strom selten lange.</translation>
    </message>
    <message>
        <source>Smaller text</source>
        <translation>Kleinere Schrift</translation>
    </message>
    <message>
        <source>Smaller text	Ctrl+−</source>
        <translation>Kleinere Schrift	Ctrl+−</translation>
    </message>
    <message>
        <source>Smallest enclosing circle by search; outer diameters of the catalogue</source>
        <translation>Kleinster umschließender Kreis durch Suche; Außendurchmesser des Katalogs</translation>
    </message>
    <message>
        <source>Smallest that carries</source>
        <translation>Die kleinste, die trägt</translation>
    </message>
    <message>
        <source>Smallest that carries it: {rating}</source>
        <translation>Die kleinste, die es trägt: {rating}</translation>
    </message>
    <message>
        <source>SnPb or SnAg, 0.5 mm</source>
        <translation>SnPb oder SnAg, 0,5 mm</translation>
    </message>
    <message>
        <source>SnPb or SnAg, 0.8 mm</source>
        <translation>SnPb oder SnAg, 0,8 mm</translation>
    </message>
    <message>
        <source>SnPb or SnAg, 1.2 mm</source>
        <translation>SnPb oder SnAg, 1,2 mm</translation>
    </message>
    <message>
        <source>So no value is right: correct the plan first.</source>
        <translation>Also ist kein Wert richtig: erst den Plan bessern.</translation>
    </message>
    <message>
        <source>Solder creeps under pressure: the screw loosens and the joint heats up. A ferrule does not.</source>
        <translation>Lot kriecht unter Druck; die Schraube lockert sich und die Stelle wird warm. Eine Aderendhülse nicht.</translation>
    </message>
    <message>
        <source>Solder till it runs up the leg, a cone and no ball; legs cut off above it.</source>
        <translation>Löten, bis das Lot am Bein hochläuft, ein Kegel und keine Kugel; Beine darüber abschneiden.</translation>
    </message>
    <message>
        <source>Solved {first} – {second} over 10 – 100 % charge, module tolerance and ±2 % copper; the meter adds ±{meter}.</source>
        <translation>Gelöst {first} – {second} über 10 – 100 % Ladung, Toleranz der Wandler und ±2 % Kupfer; das Messgerät legt ±{meter} darauf.</translation>
    </message>
    <message>
        <source>Some circuits stay live for minutes after the key is off: wait and measure again</source>
        <translation>Manche Stromkreise bleiben nach dem Schlüssel minutenlang an: warte und lies noch einmal</translation>
    </message>
    <message>
        <source>Somebody fitted a larger fuse, or it is another circuit's: find out before anything is connected to it.</source>
        <translation>Jemand hat eine größere Sicherung eingesetzt, oder es ist nicht die des Stromkreises: sieh nach, ehe etwas daran hängt.</translation>
    </message>
    <message>
        <source>Something else joins its two contacts: open its feed</source>
        <translation>Etwas anderes verbindet die beiden Kontakte: öffne seine Zuleitung</translation>
    </message>
    <message>
        <source>Sooner or later the wrong one is plugged in. Use another kind, or at least label both.</source>
        <translation>Um drei Uhr nachts kommt der falsche hinein. Eine andere Art, oder wenigstens ein Schild auf beide.</translation>
    </message>
    <message>
        <source>Source</source>
        <translation>Quelle</translation>
    </message>
    <message>
        <source>Source: {source}</source>
        <translation>Quelle: {source}</translation>
    </message>
    <message>
        <source>Spacers clear the parts below</source>
        <translation>Abstandhalter reichen über das, was darunter steht</translation>
    </message>
    <message>
        <source>Spent cells: fit fresh ones, all of one kind</source>
        <translation>Verbrauchte Zellen: frische einsetzen, alle von einer Sorte</translation>
    </message>
    <message>
        <source>Spent cells: measure their rest voltage first</source>
        <translation>Verbrauchte Zellen: zuerst ihre Ruhespannung messen</translation>
    </message>
    <message>
        <source>Split a rail</source>
        <translation>Eine Schiene teilen</translation>
    </message>
    <message>
        <source>Stand {above} over {below}</source>
        <translation>{above} über {below} stellen</translation>
    </message>
    <message>
        <source>Standing current</source>
        <translation>Ruhestrom</translation>
    </message>
    <message>
        <source>Standing current leaves charge in the vehicle's battery</source>
        <translation>Was an bleibt, lässt der Fahrzeugbatterie etwas</translation>
    </message>
    <message>
        <source>Start-up {start} for {start_time}</source>
        <translation>Anlauf {start} für {start_time}</translation>
    </message>
    <message>
        <source>Start-up {start} for {start_time}.</source>
        <translation>Anlauf {start} für {start_time}.</translation>
    </message>
    <message>
        <source>Starts the vehicle down to {starts_down_to} charge: for {days} of that.</source>
        <translation>Startet das Fahrzeug bis {starts_down_to} Ladung: {days} davon.</translation>
    </message>
    <message>
        <source>State of charge</source>
        <translation>Ladezustand</translation>
    </message>
    <message>
        <source>State of charge: how much of its capacity the pack still holds</source>
        <translation>Ladezustand: wie viel seiner Kapazität der Akku noch hält</translation>
    </message>
    <message>
        <source>Stations</source>
        <translation>Stationen</translation>
    </message>
    <message>
        <source>Stay here</source>
        <translation>Hier bleiben</translation>
    </message>
    <message>
        <source>Step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>Step {number} of {all}{done| · done|}</source>
        <translation>Schritt {number} von {all}{done| · erledigt|}</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>Steps of your own</source>
        <translation>Eigene Schritte</translation>
    </message>
    <message>
        <source>Steps ticked on Build and readings recorded on Bench come here by themselves.</source>
        <translation>Unter Bauen abgehakte Schritte und unter Messen festgehaltene Messungen kommen von selbst hierher.</translation>
    </message>
    <message>
        <source>Stick down {part}</source>
        <translation>{part} festkleben</translation>
    </message>
    <message>
        <source>Stop at {setting}, as near as the screw goes; its loads stand {words}.</source>
        <translation>Bei {setting} aufhören, so genau die Schraube es zulässt; die Verbraucher vertragen {words}.</translation>
    </message>
    <message>
        <source>Stop comparing; this plan stays as it is</source>
        <translation>Vergleich beenden; dieser Plan bleibt, wie er ist</translation>
    </message>
    <message>
        <source>Stop, and keep what was found</source>
        <translation>Anhalten und behalten, was gefunden ist</translation>
    </message>
    <message>
        <source>Stopped early: something better may not have been tried.</source>
        <translation>Vorzeitig angehalten: etwas Besseres ist vielleicht nicht versucht worden.</translation>
    </message>
    <message>
        <source>Straight</source>
        <translation>Gerade</translation>
    </message>
    <message>
        <source>Straight from {sources}</source>
        <translation>Direkt von {sources}</translation>
    </message>
    <message>
        <source>Strands cut off to fit carry no current.</source>
        <translation>Zum Einpassen abgeschnittene Einzeldrähte führen keinen Strom.</translation>
    </message>
    <message>
        <source>Strands cut off to make it fit carry no current; join a thinner tail before the terminal instead.</source>
        <translation>Zum Einpassen abgeschnittene Einzeldrähte führen keinen Strom; besser davor ein dünneres Ende ansetzen.</translation>
    </message>
    <message>
        <source>Strip to the gauge on the block.</source>
        <translation>Isoliere nach der Lehre auf dem Block ab.</translation>
    </message>
    <message>
        <source>Strip {cut} of the sheath off both pieces, without nicking a core.</source>
        <translation>An beiden Stücken {cut} des Mantels entfernen, ohne eine Ader anzuritzen.</translation>
    </message>
    <message>
        <source>Strip {strip}, for a bore of {size}.</source>
        <translation>{strip} abisolieren, für eine Bohrung von {size}.</translation>
    </message>
    <message>
        <source>Strip {strip}.</source>
        <translation>Isoliere {strip} ab.</translation>
    </message>
    <message>
        <source>Strip {strip}: the insulation ends at the pad's edge.</source>
        <translation>{strip} abisolieren: die Isolierung endet am Rand der Lötfläche.</translation>
    </message>
    <message>
        <source>Strip {strip}: {strip_conductors} × the bared {copper}, rounded up.</source>
        <translation>{strip} abisolieren: {strip_conductors} × die blanken {copper}, aufgerundet.</translation>
    </message>
    <message>
        <source>Sun</source>
        <translation>So</translation>
    </message>
    <message>
        <source>Sun on its roof, what comes through: {sun}</source>
        <translation>Sonne auf seinem Dach, was durchkommt: {sun}</translation>
    </message>
    <message>
        <source>Supply from the bench, not from the lead that it was programmed by.</source>
        <translation>Versorgung vom Tisch, nicht über die Leitung, mit der programmiert wurde.</translation>
    </message>
    <message>
        <source>Swap the two</source>
        <translation>Die beiden tauschen</translation>
    </message>
    <message>
        <source>Switches</source>
        <translation>Schalter</translation>
    </message>
    <message>
        <source>Switches  ▾</source>
        <translation>Schalter  ▾</translation>
    </message>
    <message>
        <source>T: count</source>
        <translation>T: zählen</translation>
    </message>
    <message>
        <source>T: stop</source>
        <translation>T: halt</translation>
    </message>
    <message>
        <source>Tables (*.csv *.tsv *.txt)</source>
        <translation>Tabellen (*.csv *.tsv *.txt)</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
        <source>Tables and lines (*.csv *.tsv *.txt)</source>
        <translation>Tabellen und Zeilen (*.csv *.tsv *.txt)</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>Nimm</translation>
    </message>
    <message>
        <source>Take a pack that lasts</source>
        <translation>Einen Akku nehmen, der reicht</translation>
    </message>
    <message>
        <source>Take a pack that lasts, and wire for it</source>
        <translation>Einen Akku nehmen, der reicht, und für ihn verdrahten</translation>
    </message>
    <message>
        <source>Take apart and put back</source>
        <translation>Zerlegen und wieder zusammensetzen</translation>
    </message>
    <message>
        <source>Take back: {was}</source>
        <translation>Zurücknehmen: {was}</translation>
    </message>
    <message>
        <source>Take it from the route</source>
        <translation>Aus dem Weg nehmen</translation>
    </message>
    <message>
        <source>Take it off the way</source>
        <translation>Vom Weg nehmen</translation>
    </message>
    <message>
        <source>Take one and see what changed; Ctrl+Z takes it back.</source>
        <translation>Nimm einen und sieh, was sich ändert; Strg+Z.</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>Take out {name}</source>
        <translation>{name} herausnehmen</translation>
    </message>
    <message>
        <source>Take over everything of</source>
        <translation>Alles übernehmen von</translation>
    </message>
    <message>
        <source>Take the battery out and put it aside.</source>
        <translation>Nimm den Akku heraus und leg ihn beiseite.</translation>
    </message>
    <message>
        <source>Take the picture away</source>
        <translation>Das Bild wegnehmen</translation>
    </message>
    <message>
        <source>Take the usual wall</source>
        <translation>Die übliche Wanddicke nehmen</translation>
    </message>
    <message>
        <source>Take the {least}</source>
        <translation>{least} nehmen</translation>
    </message>
    <message>
        <source>Take what another program wrote</source>
        <translation>Nehmen, was ein anderes Programm schrieb</translation>
    </message>
    <message>
        <source>Take {other} otherwise</source>
        <translation>{other} anders nehmen</translation>
    </message>
    <message>
        <source>Take {short_name}</source>
        <translation>Nimm {short_name}</translation>
    </message>
    <message>
        <source>Takes back “{name}”.</source>
        <translation>Nimmt „{name}“ zurück.</translation>
    </message>
    <message>
        <source>Taking apart, programming, waiting for parts: before the step that is shown</source>
        <translation>Zerlegen, programmieren, auf Teile warten: vor dem gezeigten Schritt</translation>
    </message>
    <message>
        <source>Tap a circuit</source>
        <translation>Einen Stromkreis anzapfen</translation>
    </message>
    <message>
        <source>Tap at {other}</source>
        <translation>Abzweig bei {other}</translation>
    </message>
    <message>
        <source>Tap in with a {test} fuse in the new slot; say the polarity aloud first.</source>
        <translation>Mit einer Sicherung von {test} im neuen Platz abgreifen, Plus laut gesagt.</translation>
    </message>
    <message>
        <source>Tap the circuit of {part}</source>
        <translation>Den Stromkreis anzapfen von {part}</translation>
    </message>
    <message>
        <source>Tape all joints</source>
        <translation>Alle Verbindungen mit Band wickeln</translation>
    </message>
    <message>
        <source>Tape, by practice: no heat gun needed, but tape creeps.</source>
        <translation>Band, nach Praxis: keine Heißluft nötig, aber Band kriecht.</translation>
    </message>
    <message>
        <source>Tape, foam or a sleeve round the bundle fills it where the gland stays: {turns} {turns|turn|turns} of tape {tape_mm} thick bring it to {least}.</source>
        <translation>Band, Schaum oder ein Schlauch um das Bündel füllt sie, wo die Verschraubung bleibt: {turns} {turns|Windung|Windungen} Band von {tape_mm} Dicke bringen es auf {least}.</translation>
    </message>
    <message>
        <source>Terminals of {part}…</source>
        <translation>Klemmen von {part}…</translation>
    </message>
    <message>
        <source>Terminate a bus</source>
        <translation>Einen Bus abschließen</translation>
    </message>
    <message>
        <source>Test each of {list} alone, then join them at both ends: once joined, a broken one cannot be found.</source>
        <translation>Jede von {list} einzeln prüfen, dann an beiden Enden verbinden: danach ist eine gebrochene nicht mehr zu finden.</translation>
    </message>
    <message>
        <source>Test it before it runs</source>
        <translation>Prüfe es, ehe es läuft</translation>
    </message>
    <message>
        <source>Test with limited current before the pack can deliver its full short-circuit current.</source>
        <translation>Klein und begrenzt prüfen, ehe der Akku alles ausschütten kann, was er hat.</translation>
    </message>
    <message>
        <source>That fuse into the tap's lower place, nearest its blades; ours, {rating}, above.</source>
        <translation>Diese Sicherung in den unteren Platz des Abgriffs, an seinen Zungen; unsere, {rating}, darüber.</translation>
    </message>
    <message>
        <source>That fuse, {fuse}, into the tap's lower place, nearest its blades; ours, {rating}, above.</source>
        <translation>Diese Sicherung, {fuse}, in den unteren Platz des Abgriffs, an seinen Zungen; unsere, {rating}, darüber.</translation>
    </message>
    <message>
        <source>The air inside an enclosure stays near ambient</source>
        <translation>Die Luft in einem Gehäuse bleibt nahe der Umgebung</translation>
    </message>
    <message>
        <source>The band is the end that current leaves by: it looks towards the load.</source>
        <translation>Der Ring ist das Ende, an dem der Strom austritt: er schaut zum Verbraucher.</translation>
    </message>
    <message>
        <source>The band of a diode, or its OUT, towards {part}.</source>
        <translation>Den Ring einer Diode, oder ihr OUT, zu {part}.</translation>
    </message>
    <message>
        <source>The best plan for these loads</source>
        <translation>Der beste Plan für diese Verbraucher</translation>
    </message>
    <message>
        <source>The best whole plan for mass, cost or loss</source>
        <translation>Der beste ganze Plan für Masse, Kosten oder Verlust</translation>
    </message>
    <message>
        <source>The black probe is not on bare metal</source>
        <translation>Die schwarze Spitze liegt nicht auf blankem Metall</translation>
    </message>
    <message>
        <source>The board's length and 2 cm more; slide it over from the side with fewer leads.</source>
        <translation>Länge der Platine und 2 cm mehr; schieb ihn von der Seite mit weniger Leitungen darüber.</translation>
    </message>
    <message>
        <source>The bracket is not closed.</source>
        <translation>Die Klammer ist nicht geschlossen.</translation>
    </message>
    <message>
        <source>The braid on, {braid_reach} of it, to where it moves.</source>
        <translation>Das Geflecht darauf, {braid_reach} davon, bis wo es sich bewegt.</translation>
    </message>
    <message>
        <source>The bridge of {load} dissipates {loss} at {typical}: it needs a heat sink and air flow.</source>
        <translation>Die Brücke von {load} verliert {loss} bei {typical}: sie will einen Kühlkörper und Luft.</translation>
    </message>
    <message>
        <source>The bridge of {load} drops {volts}, {share} of its supply.</source>
        <translation>Die Brücke von {load} behält {volts} davon zurück, {share} seiner Volt.</translation>
    </message>
    <message>
        <source>The bundle fits through its opening</source>
        <translation>Was durch ein Loch läuft, passt hindurch</translation>
    </message>
    <message>
        <source>The bundle weighs {gram_per_m} a metre; a machine that {moves} lets {apart} lie free.</source>
        <translation>Das Bündel wiegt {gram_per_m} je Meter; eine Maschine, die {moves}, lässt {apart} frei liegen.</translation>
    </message>
    <message>
        <source>The cable is its feed</source>
        <translation>Das Kabel ist seine Zuleitung</translation>
    </message>
    <message>
        <source>The cells of a pack are balanced</source>
        <translation>Die Zellen eines Akkus sind gleich</translation>
    </message>
    <message>
        <source>The circuit's own fuse is out until this joint is made and covered.</source>
        <translation>Die Sicherung des Stromkreises bleibt draußen, bis diese Verbindung gemacht und isoliert ist.</translation>
    </message>
    <message>
        <source>The circuit's own fuse opens first, and everything else on that circuit loses power.</source>
        <translation>Die eigene des Stromkreises öffnet zuerst und nimmt mit, was sonst daran hängt.</translation>
    </message>
    <message>
        <source>The copper goes into its terminal</source>
        <translation>Das Kupfer geht in seine Klemme</translation>
    </message>
    <message>
        <source>The core is still in: pull its contact out of both housings</source>
        <translation>Die Ader ist noch drin: zieh ihren Kontakt aus beiden Gehäusen</translation>
    </message>
    <message>
        <source>The cores are in another order at the far end</source>
        <translation>Die Adern sind am fernen Ende in anderer Reihenfolge</translation>
    </message>
    <message>
        <source>The day</source>
        <translation>Der Tag</translation>
    </message>
    <message>
        <source>The day leaves {lowest_charge} in {sources}; a cold evening or an old cell takes that.</source>
        <translation>Der Tag lässt {lowest_charge} in {sources}; ein kalter Abend oder eine alte Zelle nimmt das.</translation>
    </message>
    <message>
        <source>The day on which {item} should be here, such as {days_after}. What needs it waits till then.</source>
        <translation>Der Tag, an dem {item} da sein sollte, etwa {days_after}. Was es braucht, wartet bis dahin.</translation>
    </message>
    <message>
        <source>The day takes {energy} out of it; ÷ {usable} usable ÷ {volts} = {charge}.</source>
        <translation>Der Tag entnimmt {energy}; ÷ {usable} nutzbar ÷ {volts} = {charge}.</translation>
    </message>
    <message>
        <source>The end at the live side is made last: until then nothing of this can become live.</source>
        <translation>Das Ende an der spannungführenden Seite wird zuletzt gemacht: bis dahin kann nichts davon unter Spannung stehen.</translation>
    </message>
    <message>
        <source>The end at {part} stays unmade until all is through.</source>
        <translation>Das Ende bei {part} bleibt ungemacht, bis alles hindurch ist.</translation>
    </message>
    <message>
        <source>The engine runs and charges: see again with it off</source>
        <translation>Der Motor läuft und lädt: sieh noch einmal nach, wenn er aus ist</translation>
    </message>
    <message>
        <source>The feed as a strip</source>
        <translation>Die Zuleitung als Streifen</translation>
    </message>
    <message>
        <source>The file has changed since unsaved work on it was left. Both are kept: the plan menu has it under Unsaved plans.</source>
        <translation>Die Datei hat sich geändert, seit ungesicherte Arbeit daran liegen blieb. Beides ist behalten: das Planmenü hat sie unter Ungesicherte Pläne.</translation>
    </message>
    <message>
        <source>The fit leaves {error}.</source>
        <translation>Die Anpassung lässt {error}.</translation>
    </message>
    <message>
        <source>The fuse is for the wire. A stalled motor burns at a current its fuse lets pass: limit it in the controller.</source>
        <translation>Die Sicherung ist für die Leitung da. Ein blockierter Motor verbrennt bei einem Strom, den sie durchlässt: begrenze ihn im Regler.</translation>
    </message>
    <message>
        <source>The fuse nearest to a short opens first</source>
        <translation>Die Sicherung nächst einem Kurzschluss öffnet zuerst</translation>
    </message>
    <message>
        <source>The half with covered contacts towards {part}, which stays live when it is open.</source>
        <translation>Die Hälfte mit verdeckten Kontakten zu {part}, das offen unter Spannung bleibt.</translation>
    </message>
    <message>
        <source>The heading “{cells}” is no column of loads; {known_columns} are.</source>
        <translation>Die Überschrift „{cells}“ ist keine Spalte von Verbrauchern; {known_columns} sind es.</translation>
    </message>
    <message>
        <source>The headings “{cells}” and “{cells_2}” are both {column}: one is enough.</source>
        <translation>Die Überschriften „{cells}“ und „{cells_2}“ bedeuten beide {column}: eine genügt.</translation>
    </message>
    <message>
        <source>The help's file cannot be read: {errorString}</source>
        <translation>Die Datei der Hilfe kann nicht gelesen werden: {errorString}</translation>
    </message>
    <message>
        <source>The highest comes with the pack full or on its charger and little current flowing.</source>
        <translation>Am höchsten ist es bei vollem Akku oder am Ladegerät, wenn wenig Strom fließt.</translation>
    </message>
    <message>
        <source>The hottest air is {air}; what it sits on adds {kelvin} K.</source>
        <translation>Die heißeste Luft ist {air}; worauf er sitzt, kommt mit {kelvin} K dazu.</translation>
    </message>
    <message>
        <source>The idle current, {idle}, is above the typical {typical}.</source>
        <translation>Der Leerlaufstrom, {idle}, liegt über dem typischen, {typical}.</translation>
    </message>
    <message>
        <source>The insulation ends midway between both pairs of wings: {bundle} of it under the rear ones.</source>
        <translation>Die Isolierung endet mitten zwischen beiden Flügelpaaren: {bundle} davon unter den hinteren.</translation>
    </message>
    <message>
        <source>The iron burns and the fumes irritate: fan on, glasses on, iron back in its stand.</source>
        <translation>Der Lötkolben verursacht Verbrennungen, der Rauch reizt: Lüfter an, Brille auf, Kolben zurück in den Ständer.</translation>
    </message>
    <message>
        <source>The iron burns skin and bench: in its stand whenever it is not in the hand, fumes drawn away, off before you leave.</source>
        <translation>Der Lötkolben verbrennt Haut und Tisch: im Ständer, wann immer er nicht in der Hand ist, Dämpfe abgesaugt, aus, bevor du gehst.</translation>
    </message>
    <message>
        <source>The key is off, or it is another circuit</source>
        <translation>Der Schlüssel ist aus, oder es ist ein anderer Stromkreis</translation>
    </message>
    <message>
        <source>The lead is {back}; a cheap meter's own leads add up to {lead_ohm}.</source>
        <translation>Die Leitung hat {back}; die eigenen Leitungen eines billigen Messgeräts legen bis {lead_ohm} darauf.</translation>
    </message>
    <message>
        <source>The machine from above</source>
        <translation>Die Maschine von oben</translation>
    </message>
    <message>
        <source>The machine from one side, with its picture.</source>
        <translation>Die Maschine von einer Seite, mit ihrem Bild.</translation>
    </message>
    <message>
        <source>The marked edge is pin 1 at both ends; use several cores for a high supply current.</source>
        <translation>Die markierte Kante ist an beiden Enden Stift 1; Versorgung auf mehr als einer Ader, wo viel verlangt wird.</translation>
    </message>
    <message>
        <source>The metal case of a thermal switch may be live: keep it from the frame with film or tube.</source>
        <translation>Das Metallgehäuse eines Thermoschalters kann Spannung führen: halte es mit Folie oder Schlauch vom Rahmen fern.</translation>
    </message>
    <message>
        <source>The meter says which side of its slot is live.</source>
        <translation>Das Messgerät sagt, welche Seite des Platzes unter Spannung steht.</translation>
    </message>
    <message>
        <source>The meter's range or its battery</source>
        <translation>Der Messbereich oder die Batterie des Messgeräts</translation>
    </message>
    <message>
        <source>The minimum voltage, {low}, is above the maximum, {high}: swap them.</source>
        <translation>Die kleinste Spannung, {low}, liegt über der größten, {high}: tausche sie.</translation>
    </message>
    <message>
        <source>The module is set too high: stop before connecting its loads</source>
        <translation>Der Wandler ist zu hoch eingestellt: halt, ehe du Verbraucher anschließt</translation>
    </message>
    <message>
        <source>The module is set too low, or not fed</source>
        <translation>Der Wandler ist zu niedrig eingestellt, oder nicht gespeist</translation>
    </message>
    <message>
        <source>The module's own divider is across its output: a few hundred ohms and more.</source>
        <translation>Der eigene Teiler des Wandlers liegt über seinem Ausgang: einige hundert Ohm und mehr.</translation>
    </message>
    <message>
        <source>The nearest is “{title}”.</source>
        <translation>Am nächsten kommt „{title}“.</translation>
    </message>
    <message>
        <source>The newest of the pictures folder: none is there</source>
        <translation>Das neueste aus dem Bilderordner: keines da</translation>
    </message>
    <message>
        <source>The newest of the pictures folder: {fileName}</source>
        <translation>Das neueste aus dem Bilderordner: {fileName}</translation>
    </message>
    <message>
        <source>The next person to open it may be you, two years from now.</source>
        <translation>Der Nächste, der sie öffnet, bist du in zwei Jahren.</translation>
    </message>
    <message>
        <source>The next person to open the machine may be you, two years from now: leave a note above.</source>
        <translation>Der Nächste, der die Maschine öffnet, bist du in zwei Jahren: hinterlass oben eine Notiz.</translation>
    </message>
    <message>
        <source>The noisy load's current shifts the other's ground by the drop of the shared wire.</source>
        <translation>Der Strom des Störers hebt die Masse des anderen um seinen Anteil am gemeinsamen Draht.</translation>
    </message>
    <message>
        <source>The older one's higher resistance leaves most of the current to the newer, which ages faster.</source>
        <translation>Der Widerstand des älteren überlässt dem neueren die Arbeit, der dann schneller altert.</translation>
    </message>
    <message>
        <source>The one-second peak</source>
        <translation>Die Ein-Sekunden-Spitze</translation>
    </message>
    <message>
        <source>The other contact of the slot is the live side</source>
        <translation>Der andere Kontakt des Platzes ist die Seite mit Spannung</translation>
    </message>
    <message>
        <source>The other kind: one that closes where this one opens</source>
        <translation>Die andere Art: eine, die schließt, wo diese öffnet</translation>
    </message>
    <message>
        <source>The other kind: one that opens where this one closes</source>
        <translation>Die andere Art: eine, die öffnet, wo diese schließt</translation>
    </message>
    <message>
        <source>The other packs push {amps} into {source} when they are connected.</source>
        <translation>Die anderen Packs treiben beim Verbinden {amps} in {source}.</translation>
    </message>
    <message>
        <source>The own thin lead of a load or a fuse holder is protected too</source>
        <translation>Auch der eigene dünne Anschluss eines Verbrauchers oder Sicherungshalters ist geschützt</translation>
    </message>
    <message>
        <source>The pack as measured</source>
        <translation>Der Akku, wie gemessen</translation>
    </message>
    <message>
        <source>The pack is empty: charge it first</source>
        <translation>Ein leerer Akku: erst laden</translation>
    </message>
    <message>
        <source>The pack is empty: measure its rest voltage first</source>
        <translation>Ein leerer Akku: lies erst seine Ruhespannung</translation>
    </message>
    <message>
        <source>The pack is not empty at the end of the day</source>
        <translation>Der Tag lässt etwas im Akku</translation>
    </message>
    <message>
        <source>The pack is there already: {source_summary}.</source>
        <translation>Der Akku ist schon da: {source_summary}.</translation>
    </message>
    <message>
        <source>The pack lasts the day</source>
        <translation>Der Akku hält den Tag durch</translation>
    </message>
    <message>
        <source>The pack of a machine that moves is strapped down</source>
        <translation>Der Akku dessen, was sich bewegt, ist festgezurrt</translation>
    </message>
    <message>
        <source>The pack with fewer cells is charged far above its limit.</source>
        <translation>Der Akku mit weniger Zellen wird weit über das geladen, was er verträgt.</translation>
    </message>
    <message>
        <source>The pack's current stays within its rating</source>
        <translation>Vom Akku wird nicht mehr Strom verlangt, als er aushält</translation>
    </message>
    <message>
        <source>The pack's own fuse stays open</source>
        <translation>Die eigene Sicherung des Akkus bleibt offen</translation>
    </message>
    <message>
        <source>The pair twisted, its ground beside it, a resistor at both ends and nowhere else.</source>
        <translation>Das Paar verdrillt, seine Masse daneben, ein Widerstand an beiden Enden und nirgends sonst.</translation>
    </message>
    <message>
        <source>The panel replaces the energy used each day</source>
        <translation>Die Sonne bringt, was die Tage nehmen</translation>
    </message>
    <message>
        <source>The part has come</source>
        <translation>Das Teil ist da</translation>
    </message>
    <message>
        <source>The part of the day that is looked at</source>
        <translation>Der Teil des Tages, der angesehen wird</translation>
    </message>
    <message>
        <source>The parts at {part} need {wanted} up to {part_2}, and no spacer is that long.</source>
        <translation>Was bei {part} steht, braucht {wanted} bis zu {part_2}, und so lang ist kein Abstandhalter.</translation>
    </message>
    <message>
        <source>The peak, {peak}, is below the typical {typical}.</source>
        <translation>Die Spitze, {peak}, liegt unter den üblichen {typical}.</translation>
    </message>
    <message>
        <source>The phase could last</source>
        <translation>Die Phase könnte dauern</translation>
    </message>
    <message>
        <source>The picture {name} is not beside the plan: put it back, or drop it here again.</source>
        <translation>Das Bild {name} liegt nicht neben dem Plan: leg es zurück oder lass es hier noch einmal fallen.</translation>
    </message>
    <message>
        <source>The plan itself: its air, its frame.</source>
        <translation>Der Plan selbst: seine Luft, sein Rahmen.</translation>
    </message>
    <message>
        <source>The plan's own: {name_of_pack}, {mass}, {run_time}</source>
        <translation>Der eigene des Plans: {name_of_pack}, {mass}, {run_time}</translation>
    </message>
    <message>
        <source>The plug at {part} stays on.</source>
        <translation>Der Stecker an {part} bleibt dran.</translation>
    </message>
    <message>
        <source>The proposal</source>
        <translation>Der Vorschlag</translation>
    </message>
    <message>
        <source>The resistor takes {pulse} J in one pulse: choose a wire-wound one rated for it.</source>
        <translation>Der Widerstand nimmt {pulse} J in einem Stoß: wähle einen drahtgewickelten, der dafür ausgelegt ist.</translation>
    </message>
    <message>
        <source>The result is not a finite number.</source>
        <translation>Das Ergebnis ist keine endliche Zahl.</translation>
    </message>
    <message>
        <source>The return lands on</source>
        <translation>Die Rückleitung landet auf</translation>
    </message>
    <message>
        <source>The schools that a plan follows.</source>
        <translation>Die Schulen, denen ein Plan folgt.</translation>
    </message>
    <message>
        <source>The search</source>
        <translation>Die Suche</translation>
    </message>
    <message>
        <source>The shortest way is {length} past the {obstacle}; this goes round it: {length_2}.</source>
        <translation>Der kürzeste Weg ist {length}, vorbei an: {obstacle}; dieser geht außen herum: {length_2}.</translation>
    </message>
    <message>
        <source>The size of its board is not given: try a tube over it.</source>
        <translation>Wie groß seine Platine ist, hat niemand gesagt: probier einen Schlauch darüber.</translation>
    </message>
    <message>
        <source>The starter does not turn even on a full battery.</source>
        <translation>Der Anlasser dreht selbst bei voller Batterie nicht.</translation>
    </message>
    <message>
        <source>The starter still turns after days parked</source>
        <translation>Der Anlasser dreht nach Tagen im Stand noch</translation>
    </message>
    <message>
        <source>The starter turns down to {starts_down_to} charge.</source>
        <translation>Der Anlasser dreht bis {starts_down_to} Ladung.</translation>
    </message>
    <message>
        <source>The supply is off or in current limit: measure it first</source>
        <translation>Das Netzteil ist aus oder regelt ab: zuerst es messen</translation>
    </message>
    <message>
        <source>The supply lands on</source>
        <translation>Die Versorgung landet auf</translation>
    </message>
    <message>
        <source>The tallest thing and 2 mm of air; threaded rod with nuts on either side, or the tall thing elsewhere.</source>
        <translation>Das Höchste und 2 mm Luft; Gewindestange mit Muttern auf beiden Seiten, oder das Hohe woandershin.</translation>
    </message>
    <message>
        <source>The tallest thing there and 2 mm of air are {wanted}; {gap} stand between the boards.</source>
        <translation>Das Höchste dort und 2 mm Luft sind {wanted}; zwischen den Platinen stehen {gap}.</translation>
    </message>
    <message>
        <source>The tapped circuit is off or low: measure it first</source>
        <translation>Der angezapfte Kreis ist aus oder zu tief: zuerst ihn messen</translation>
    </message>
    <message>
        <source>The temperature of a load under a thermal switch is known</source>
        <translation>Wie warm ein Verbraucher unter einem Thermoschalter wird, ist gesagt</translation>
    </message>
    <message>
        <source>The test fuse must hold, nothing may get warm or smell.</source>
        <translation>Die Prüfsicherung muss halten, nichts darf warm werden oder riechen.</translation>
    </message>
    <message>
        <source>The thermal switch closes as the air gets warm: fixed to the hottest part, its metal insulated from it.</source>
        <translation>Der Thermoschalter schließt, wenn die Luft warm wird: am heißesten Teil befestigt, sein Metall davon isoliert.</translation>
    </message>
    <message>
        <source>The thin one is wrapped round the thick one, which is tinned first: it takes the heat.</source>
        <translation>Der dünne wird um den dicken gewickelt, der zuerst verzinnt wird: er nimmt die Wärme.</translation>
    </message>
    <message>
        <source>The two kinds look alike</source>
        <translation>Die beiden Arten sehen gleich aus</translation>
    </message>
    <message>
        <source>The way</source>
        <translation>Der Weg</translation>
    </message>
    <message>
        <source>The whole line, to be typed</source>
        <translation>Die ganze Zeile, zum Tippen</translation>
    </message>
    <message>
        <source>The whole plan as a wiring diagram, to print</source>
        <translation>Der ganze Plan als Schaltplan, zum Drucken</translation>
    </message>
    <message>
        <source>The widest plug, {largest_end}, does not pass: thread first, then terminate.</source>
        <translation>Der weiteste Stecker, {largest_end}, geht nicht durch: erst einfädeln, dann anschließen.</translation>
    </message>
    <message>
        <source>The window is empty: {low_by} needs at least {low}, {high_by} at most {high}.</source>
        <translation>Das Fenster ist leer: {low_by} will mindestens {low}, {high_by} höchstens {high}.</translation>
    </message>
    <message>
        <source>The window is what you said.</source>
        <translation>Das Fenster ist, was du gesagt hast.</translation>
    </message>
    <message>
        <source>The wire carries {ampacity} continuously, bunched and in {air}.</source>
        <translation>Die Leitung trägt dauernd {ampacity}, gebündelt und bei {air}.</translation>
    </message>
    <message>
        <source>The wires by then</source>
        <translation>Die Leitungen bis dahin</translation>
    </message>
    <message>
        <source>The wrong rail here</source>
        <translation>Hier liegt die falsche Schiene an</translation>
    </message>
    <message>
        <source>The {count} that are selected</source>
        <translation>Die {count} ausgewählten</translation>
    </message>
    <message>
        <source>The {opening}</source>
        <translation>Dies: {opening}</translation>
    </message>
    <message>
        <source>The {opening} closes on {least} to {most}, and what goes through is {needed} thick.</source>
        <translation>{opening} schließt um {least} bis {most}, und was hindurchgeht, ist {needed} dick.</translation>
    </message>
    <message>
        <source>The {opening} has a bore of {bore}: none is known that small.</source>
        <translation>{opening} hat eine Weite von {bore}: so klein ist keine bekannt.</translation>
    </message>
    <message>
        <source>The {opening} is round and {packed} go through it: it does not seal between them.</source>
        <translation>Die Öffnung {opening} ist rund, und es gehen {packed} hindurch: dazwischen dichtet sie nicht.</translation>
    </message>
    <message>
        <source>The {opening} lies at {at} on {part}, which is {length} long.</source>
        <translation>{opening} liegt bei {at} auf {part}, und der ist {length} lang.</translation>
    </message>
    <message>
        <source>The {rating} fuse opens before the wire is damaged, at any current.</source>
        <translation>Die Sicherung {rating} löst bei jedem Strom aus, bevor der Draht Schaden nimmt.</translation>
    </message>
    <message>
        <source>The {rating} fuse opens in normal use.</source>
        <translation>Die Sicherung {rating} öffnet im normalen Betrieb.</translation>
    </message>
    <message>
        <source>The {supply} wire begins at the tap's own lead: nothing of it is joined at {part}.</source>
        <translation>Der Draht in {supply} beginnt an der Leitung des Abgriffs: Nichts von ihm wird an {part} angeschlossen.</translation>
    </message>
    <message>
        <source>The {supply} wire to the pin marked +, the {return_wire} one to the other; check both halves before they meet.</source>
        <translation>Den {supply} Draht an den Stift mit +, den {return_wire} an den anderen; prüfe beide Hälften, ehe sie sich treffen.</translation>
    </message>
    <message>
        <source>The {type} is there already, and does.</source>
        <translation>{type} ist schon da und genügt.</translation>
    </message>
    <message>
        <source>Their discharge curves differ, so one charges the other all the time.</source>
        <translation>Ihre Spannungen fallen nach verschiedenen Kurven, darum lädt einer den ganzen Tag den anderen.</translation>
    </message>
    <message>
        <source>Their fuses in its ways</source>
        <translation>Ihre Sicherungen in seine Plätze</translation>
    </message>
    <message>
        <source>Their voltage</source>
        <translation>Ihre Spannung</translation>
    </message>
    <message>
        <source>Then a drop of glue over wire and board: the trace holds nothing.</source>
        <translation>Dann ein Tropfen Kleber über Draht und Platine: die Bahn hält nichts.</translation>
    </message>
    <message>
        <source>Then click anywhere on the wire.</source>
        <translation>Dann irgendwo auf den Draht klicken.</translation>
    </message>
    <message>
        <source>Then each joint:</source>
        <translation>Dann jede Verbindung:</translation>
    </message>
    <message>
        <source>Then the joint on either side of it:</source>
        <translation>Dann auf jeder Seite davon:</translation>
    </message>
    <message>
        <source>Then the joint:</source>
        <translation>Dann die Verbindung:</translation>
    </message>
    <message>
        <source>Then {capacity}, so that {for_what}.</source>
        <translation>Dann {capacity}, damit {for_what}.</translation>
    </message>
    <message>
        <source>There are no loads in this table.</source>
        <translation>In dieser Tabelle sind keine Verbraucher.</translation>
    </message>
    <message>
        <source>There are two called {one}: number them.</source>
        <translation>Zwei heißen {one}: nummeriere sie.</translation>
    </message>
    <message>
        <source>There is a gland or grommet of that bore</source>
        <translation>Es gibt eine Verschraubung oder Tülle dieser Weite</translation>
    </message>
    <message>
        <source>There is a set called “{completeBaseName}” already: forget that first, or give this another name.</source>
        <translation>Einen Satz namens „{completeBaseName}“ gibt es schon: erst jenen vergessen, oder diesem einen anderen Namen geben.</translation>
    </message>
    <message>
        <source>There is a source, and every pack's chemistry is known</source>
        <translation>Es gibt eine Quelle, und die Chemie jedes Akkus ist bekannt</translation>
    </message>
    <message>
        <source>There is no battery and no other source. Propose chooses one.</source>
        <translation>Es gibt keinen Akku und keine andere Quelle. Vorschlagen wählt einen.</translation>
    </message>
    <message>
        <source>There is no body “{name}”; {bodies}.</source>
        <translation>Es gibt kein Gehäuse „{name}“; {bodies}.</translation>
    </message>
    <message>
        <source>There is no drawing here to print.</source>
        <translation>Hier ist keine Zeichnung zu drucken.</translation>
    </message>
    <message>
        <source>There is no picture.</source>
        <translation>Es gibt kein Bild.</translation>
    </message>
    <message>
        <source>There is no place “{where}”; {place_names}.</source>
        <translation>Es gibt keinen Ort „{where}“; {place_names}.</translation>
    </message>
    <message>
        <source>There is nothing to drill: no opening's width is known.</source>
        <translation>Es gibt nichts zu bohren: keine Weite einer Öffnung ist bekannt.</translation>
    </message>
    <message>
        <source>Thermal switch</source>
        <translation>Thermoschalter</translation>
    </message>
    <message>
        <source>Thermal switch sits {name}</source>
        <translation>Thermoschalter sitzt {name}</translation>
    </message>
    <message>
        <source>These stand there already: {list}. Replace them?</source>
        <translation>Diese gibt es schon: {list}. Ersetzen?</translation>
    </message>
    <message>
        <source>They do not interchange.</source>
        <translation>Sie sind nicht austauschbar.</translation>
    </message>
    <message>
        <source>They need {kept}; it is not measured yet.</source>
        <translation>Sie brauchen {kept}; gemessen ist es noch nicht.</translation>
    </message>
    <message>
        <source>They need {kept}; it is {bore}.</source>
        <translation>Sie brauchen {kept}; es ist {bore}.</translation>
    </message>
    <message>
        <source>They share a return; its drop shifts both grounds.</source>
        <translation>Beide haben eine gemeinsame Rückleitung; ihr Spannungsfall verschiebt beide Massen.</translation>
    </message>
    <message>
        <source>Thick leads through it, its thin ones to the display; + of the display from before it.</source>
        <translation>Die dicken Anschlüsse hindurch, die dünnen zur Anzeige; + der Anzeige von davor.</translation>
    </message>
    <message>
        <source>Thin cores have tenths of an ohm; a pin that did not latch has none of them.</source>
        <translation>Dünne Adern haben Zehntelohm; ein Stift, der nicht eingerastet ist, hat gar keine.</translation>
    </message>
    <message>
        <source>Thin cores joined at both ends carry together, if both are whole.</source>
        <translation>Dünne Adern, an beiden Enden verbunden, tragen gemeinsam, wenn beide heil sind.</translation>
    </message>
    <message>
        <source>This is how you build.</source>
        <translation>So baust du.</translation>
    </message>
    <message>
        <source>This is one load: type more of them in the line above.</source>
        <translation>Dies ist ein Verbraucher: weitere in der Zeile darüber eingeben.</translation>
    </message>
    <message>
        <source>This needs {dimension}.</source>
        <translation>Dies will {dimension}.</translation>
    </message>
    <message>
        <source>Those that no other beats in everything. Take one; Ctrl+Z takes it back.</source>
        <translation>Die wenigen, die sich lohnen. Nimm einen; Strg+Z.</translation>
    </message>
    <message>
        <source>Thread first, then terminate: the Build does.</source>
        <translation>Erst einfädeln, dann anschließen: so tut es Bauen.</translation>
    </message>
    <message>
        <source>Thread {lead}</source>
        <translation>{lead} durchführen</translation>
    </message>
    <message>
        <source>Through it already</source>
        <translation>Läuft schon hindurch</translation>
    </message>
    <message>
        <source>Through the opening</source>
        <translation>Durch die Öffnung</translation>
    </message>
    <message>
        <source>Through the {obstacle}.</source>
        <translation>Durch: {obstacle}.</translation>
    </message>
    <message>
        <source>Through the {opening}</source>
        <translation>Durch {opening}</translation>
    </message>
    <message>
        <source>Through {name}, the {size}: check that it sits all round.</source>
        <translation>Durch {name}, {size}: prüfen, ob sie ringsum sitzt.</translation>
    </message>
    <message>
        <source>Through {name}, the {size}: feel round its edge; deburred, or it cuts.</source>
        <translation>Durch {name}, {size}: den Rand abtasten; entgratet, sonst schneidet er.</translation>
    </message>
    <message>
        <source>Through {name}, the {size}: its thread is clean, its seal sits.</source>
        <translation>Durch {name}, {size}: ihr Gewinde ist sauber, ihre Dichtung sitzt.</translation>
    </message>
    <message>
        <source>Thu</source>
        <translation>Do</translation>
    </message>
    <message>
        <source>Tick a step</source>
        <translation>Einen Schritt abhaken</translation>
    </message>
    <message>
        <source>Tick an action</source>
        <translation>Handgriff abhaken</translation>
    </message>
    <message>
        <source>Tick what is bought</source>
        <translation>Einkauf abhaken</translation>
    </message>
    <message>
        <source>Ticked as arrived in the shopping list.</source>
        <translation>In der Einkaufsliste als angekommen abgehakt.</translation>
    </message>
    <message>
        <source>Tie it down</source>
        <translation>Festbinden</translation>
    </message>
    <message>
        <source>Tie it down and close up</source>
        <translation>Festbinden und schließen</translation>
    </message>
    <message>
        <source>Tie the battery lead so that the tie, not the solder, takes the pull.</source>
        <translation>Binde die Akkuleitung so, dass der Binder und nicht das Lot den Zug nimmt.</translation>
    </message>
    <message>
        <source>Tighten again after a week: solder creeps under the screw.</source>
        <translation>Nach einer Woche nachziehen: Lot kriecht unter der Schraube.</translation>
    </message>
    <message>
        <source>Tightly</source>
        <translation>Knapp</translation>
    </message>
    <message>
        <source>Tin the pad until solder has wetted all of it, and tin the wire apart from it.</source>
        <translation>Die Lötfläche verzinnen, bis das Lot sie ganz benetzt hat; die Leitung für sich verzinnen.</translation>
    </message>
    <message>
        <source>Tin the strands and lay them into the contact.</source>
        <translation>Verzinne die Litze und leg sie in den Kontakt.</translation>
    </message>
    <message>
        <source>Tinned ends under screws are tightened again</source>
        <translation>Verzinnte Enden unter Schrauben werden nachgezogen</translation>
    </message>
    <message>
        <source>Tip on pad and wire together until both melt into one; hold still until it sets.</source>
        <translation>Spitze an Fläche und Leitung zugleich, bis beides ineinanderfließt; still halten, bis es erstarrt.</translation>
    </message>
    <message>
        <source>Tip {iron}, about {dwell}: the 90 °C front stays within {parking}. Park the tube beyond.</source>
        <translation>Spitze {iron}, etwa {dwell}: die 90-°C-Front bleibt innerhalb {parking}. Park den Schlauch dahinter.</translation>
    </message>
    <message>
        <source>To buy</source>
        <translation>Zu kaufen</translation>
    </message>
    <message>
        <source>Together {day_energy}.</source>
        <translation>Zusammen {day_energy}.</translation>
    </message>
    <message>
        <source>Together {day_energy}; lowest charge {lowest_charge}.</source>
        <translation>Zusammen {day_energy}; tiefste Ladung {lowest_charge}.</translation>
    </message>
    <message>
        <source>Tonight</source>
        <translation>Heute Abend</translation>
    </message>
    <message>
        <source>Too little light on the panel: measure it first</source>
        <translation>Zu wenig Licht auf dem Modul: zuerst es messen</translation>
    </message>
    <message>
        <source>Too many nested brackets or signs.</source>
        <translation>Zu viele geschachtelte Klammern oder Zeichen.</translation>
    </message>
    <message>
        <source>Too thick a wire loses strands on the way in, or does not reach soldering temperature.</source>
        <translation>Ein zu dicker Draht verliert beim Einführen Einzeldrähte oder erreicht die Löttemperatur nicht.</translation>
    </message>
    <message>
        <source>Too thin a wire is not gripped: it pulls out of a crimp that looks good.</source>
        <translation>Ein zu dünner Draht wird nicht gefasst: er rutscht aus einer gut aussehenden Crimpung.</translation>
    </message>
    <message>
        <source>Tools you own</source>
        <translation>Werkzeuge, die du hast</translation>
    </message>
    <message>
        <source>Tools: {tools}</source>
        <translation>Werkzeug: {tools}</translation>
    </message>
    <message>
        <source>Touch bare metal up with paint; fit the grommets and the glands' bodies.</source>
        <translation>Blankes Metall mit Lack ausbessern; Tüllen und Körper der Verschraubungen einsetzen.</translation>
    </message>
    <message>
        <source>Trim the tails flush, flux, and solder the turns.</source>
        <translation>Stutz die Enden bündig, Flussmittel, und löte die Windungen.</translation>
    </message>
    <message>
        <source>Try every plan; takes some seconds</source>
        <translation>Jeden Plan versuchen; dauert einige Sekunden</translation>
    </message>
    <message>
        <source>Try it in its hole of {cutout}; a file takes the last tenth.</source>
        <translation>In seinem Loch von {cutout} probieren; das letzte Zehntel nimmt die Feile.</translation>
    </message>
    <message>
        <source>Tube</source>
        <translation>Schlauch</translation>
    </message>
    <message>
        <source>Tube over the board of {converter}</source>
        <translation>Schlauch über die Platine von {converter}</translation>
    </message>
    <message>
        <source>Tube over the joint, shrink from the middle outwards until glue shows at both ends.</source>
        <translation>Schlauch über die Verbindung, von der Mitte nach außen schrumpfen, bis sich an beiden Enden Kleber zeigt.</translation>
    </message>
    <message>
        <source>Tube over the joint, shrink from the middle outwards.</source>
        <translation>Schlauch über die Verbindung, von der Mitte nach außen schrumpfen.</translation>
    </message>
    <message>
        <source>Tubes at hand</source>
        <translation>Vorhandene Schläuche</translation>
    </message>
    <message>
        <source>Tubes on: {lead}</source>
        <translation>Schläuche darauf: {lead}</translation>
    </message>
    <message>
        <source>Tue</source>
        <translation>Di</translation>
    </message>
    <message>
        <source>Tug along the board with {count:.0f} N, never upwards.</source>
        <translation>Mit {count:.0f} N längs der Platine ziehen, nie nach oben.</translation>
    </message>
    <message>
        <source>Tug each contact in its housing.</source>
        <translation>Zieh an jedem Kontakt in seinem Gehäuse.</translation>
    </message>
    <message>
        <source>Tug each side with {count:.0f} N, and no more.</source>
        <translation>An jeder Seite mit {count:.0f} N ziehen, nicht mehr.</translation>
    </message>
    <message>
        <source>Tug each wire alone with {count:.0f} N, and no more.</source>
        <translation>An jedem Draht einzeln mit {count:.0f} N ziehen, nicht mehr.</translation>
    </message>
    <message>
        <source>Tug with {count:.0f} N, and no more.</source>
        <translation>Zieh mit {count:.0f} N, und nicht mehr.</translation>
    </message>
    <message>
        <source>Turn it before it is fast: {points}.</source>
        <translation>Vor dem Festziehen ausrichten: {points}.</translation>
    </message>
    <message>
        <source>Turn it round</source>
        <translation>Umdrehen</translation>
    </message>
    <message>
        <source>Turn off</source>
        <translation>Ausschalten</translation>
    </message>
    <message>
        <source>Turn the lead: its fuse at the hub</source>
        <translation>Dreh die Leitung: ihre Sicherung an den Verteiler</translation>
    </message>
    <message>
        <source>Turned over onto something soft: the table holds them down.</source>
        <translation>Umgedreht auf etwas Weiches: Der Tisch hält sie fest.</translation>
    </message>
    <message>
        <source>Twist all of them together, clockwise, trim the tip.</source>
        <translation>Verdrille alle miteinander, im Uhrzeigersinn, stutz die Spitze.</translation>
    </message>
    <message>
        <source>Twist the pair of {lead}</source>
        <translation>Paar von {lead} verdrillen</translation>
    </message>
    <message>
        <source>Twist the pair, about a turn every 3 cm.</source>
        <translation>Verdrille das Paar, etwa eine Windung alle 3 cm.</translation>
    </message>
    <message>
        <source>Twist the strands and tin them thinly.</source>
        <translation>Verdrille die Litze und verzinne sie dünn.</translation>
    </message>
    <message>
        <source>Twist the strands tight and trim the end square.</source>
        <translation>Verdrille die Litze fest und stutz das Ende gerade.</translation>
    </message>
    <message>
        <source>Twist them</source>
        <translation>Verdrillen</translation>
    </message>
    <message>
        <source>Twist {list}, a turn every centimetre or two.</source>
        <translation>Verdrille {list}, eine Windung alle ein bis zwei Zentimeter.</translation>
    </message>
    <message>
        <source>Twisted it would be {untwisted}.</source>
        <translation>Verdrillt wären es {untwisted}.</translation>
    </message>
    <message>
        <source>Twisted or tied together, away from signals; two swapped turn the motor round.</source>
        <translation>Verdrillt oder zusammengebunden, fern von Signalen; zwei vertauscht drehen den Motor andersherum.</translation>
    </message>
    <message>
        <source>Two layers of polyimide tape, a finger's width beyond the bare metal.</source>
        <translation>Zwei Lagen Polyimidband, eine Fingerbreite über das blanke Metall hinaus.</translation>
    </message>
    <message>
        <source>Two packs</source>
        <translation>Zwei Akkus</translation>
    </message>
    <message>
        <source>Two packs to charge and to watch; signals between the sides still need a ground between them.</source>
        <translation>Zwei Akkus zu laden und zu bewachen; Signale zwischen den Seiten brauchen trotzdem eine Masse dazwischen.</translation>
    </message>
    <message>
        <source>Two resistors side by side</source>
        <translation>Zwei Widerstände nebeneinander</translation>
    </message>
    <message>
        <source>Type a line</source>
        <translation>Eine Zeile tippen</translation>
    </message>
    <message>
        <source>Type another pack	Enter</source>
        <translation>Einen anderen Akku tippen	Enter</translation>
    </message>
    <message>
        <source>Type another set voltage</source>
        <translation>Eine andere Spannung tippen</translation>
    </message>
    <message>
        <source>Type how far it turns…</source>
        <translation>Tippen, wie weit es sich dreht…</translation>
    </message>
    <message>
        <source>Type how hot it gets…</source>
        <translation>Tippen, wie heiß es wird…</translation>
    </message>
    <message>
        <source>Type how long, such as 2h30</source>
        <translation>Dauer tippen, etwa 2h30</translation>
    </message>
    <message>
        <source>Type how thick it is over all…</source>
        <translation>Eingeben, wie dick sie über alles ist …</translation>
    </message>
    <message>
        <source>Type how wide it is…</source>
        <translation>Tippen, wie breit es ist…</translation>
    </message>
    <message>
        <source>Type it anew	Enter</source>
        <translation>Neu tippen	Enter</translation>
    </message>
    <message>
        <source>Type it anew…</source>
        <translation>Neu tippen…</translation>
    </message>
    <message>
        <source>Type it the way you would say it. Enter adds the next.</source>
        <translation>Tippe es, wie du es sagen würdest. Enter fügt den nächsten hinzu.</translation>
    </message>
    <message>
        <source>Type its distance from {place}…</source>
        <translation>Seinen Abstand von {place} tippen…</translation>
    </message>
    <message>
        <source>Type its inside radius…</source>
        <translation>Innenradius eingeben…</translation>
    </message>
    <message>
        <source>Type its length</source>
        <translation>Seine Länge tippen</translation>
    </message>
    <message>
        <source>Type its line</source>
        <translation>Seine Zeile tippen</translation>
    </message>
    <message>
        <source>Type its line…	F2</source>
        <translation>Seine Zeile tippen…	F2</translation>
    </message>
    <message>
        <source>Type loads at the first station (Alt+1) and paint when they run.</source>
        <translation>Tippe Verbraucher auf der ersten Station (Alt+1) und male, wann sie laufen.</translation>
    </message>
    <message>
        <source>Type the readings on the Bench.</source>
        <translation>Tippe die Messungen unter Messen ein.</translation>
    </message>
    <message>
        <source>Type what must run</source>
        <translation>Tippe, was laufen muss</translation>
    </message>
    <message>
        <source>Type what the meter shows: 12.2, 80 mA, 38k; “open” or OL for an open circuit</source>
        <translation>Tippe, was das Messgerät zeigt: 12.2, 80 mA, 38k; „open“ oder OL für offen</translation>
    </message>
    <message>
        <source>Type {dimension}.</source>
        <translation>Tippe {dimension}.</translation>
    </message>
    <message>
        <source>Typed as: pin colour signal &gt; pin, twisted 1, doubled 1, unused, cut back</source>
        <translation>Getippt als: Pin Farbe Signal &gt; Pin, twisted 1, doubled 1, unused, cut back</translation>
    </message>
    <message>
        <source>Typical loads</source>
        <translation>Übliche</translation>
    </message>
    <message>
        <source>Typical of small panels and their controllers; measure yours over a week.</source>
        <translation>Üblich für kleine Panels und ihre Regler; miss deines eine Woche lang.</translation>
    </message>
    <message>
        <source>Typical {typical}: half of the time it runs with less; was {typical_2}.</source>
        <translation>Üblich {typical}: die Hälfte der Zeit läuft es mit weniger; war {typical_2}.</translation>
    </message>
    <message>
        <source>USB 2 cable</source>
        <translation>USB-2-Kabel</translation>
    </message>
    <message>
        <source>USB 3 cable</source>
        <translation>USB-3-Kabel</translation>
    </message>
    <message>
        <source>Undated</source>
        <translation>Ohne Datum</translation>
    </message>
    <message>
        <source>Under a torch the insulation shrinks back by about {burn_back}.</source>
        <translation>Unter dem Brenner zieht sich die Isolierung um rund {burn_back} zurück.</translation>
    </message>
    <message>
        <source>Under power</source>
        <translation>Unter Spannung</translation>
    </message>
    <message>
        <source>Understands 7–26V, 12 V ±10 %, 30 W, motor, LED, idle 80 mA, peak 35 A 2 s, start 14 A 0.4 s, always on, vital, noisy, sensitive.</source>
        <translation>Versteht 7–26V, 12 V ±10 %, 30 W, motor, LED, idle 80 mA, peak 35 A 2 s, start 14 A 0.4 s, always on, vital, noisy, sensitive.</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Zurücknehmen</translation>
    </message>
    <message>
        <source>Undo back to</source>
        <translation>Zurücknehmen bis</translation>
    </message>
    <message>
        <source>Undo {undo_text}	Ctrl+Z</source>
        <translation>Zurücknehmen: {undo_text}	Ctrl+Z</translation>
    </message>
    <message>
        <source>Unfused, since losing it means a crash: {list}. A short there is not interrupted; a fuse there may open in flight.</source>
        <translation>Ungesichert, da ihr Verlust ein Absturz ist: {list}. Ein Kurzschluss dort brennt, was er kann; eine Sicherung dort kann in der Luft öffnen.</translation>
    </message>
    <message>
        <source>Unpack and look</source>
        <translation>Auspacken und ansehen</translation>
    </message>
    <message>
        <source>Unpowered tests first: a swapped pair is harmless only while nothing is powered.</source>
        <translation>Tot vor lebendig: ein vertauschtes Paar ist nur harmlos, solange keine Volt da sind.</translation>
    </message>
    <message>
        <source>Unsaved plans</source>
        <translation>Ungesicherte Pläne</translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation>Ungesicherte Arbeit</translation>
    </message>
    <message>
        <source>Unsaved work cannot be kept for the next start; save it to a file: {why}</source>
        <translation>Ungesicherte Arbeit kann nicht bis zum nächsten Start aufbewahrt werden; bitte in eine Datei sichern: {why}</translation>
    </message>
    <message>
        <source>Unsaved work from last time is back.</source>
        <translation>Ungesicherte Arbeit vom letzten Mal ist wieder da.</translation>
    </message>
    <message>
        <source>Unsaved work on this plan cannot be read and stays where it is: {error}</source>
        <translation>Ungesicherte Arbeit an diesem Plan kann nicht gelesen werden und bleibt, wo sie ist: {error}</translation>
    </message>
    <message>
        <source>Untick a step</source>
        <translation>Einen Haken zurücknehmen</translation>
    </message>
    <message>
        <source>Until it is given, the switch is assumed to be at ambient. A finger tolerates 25 K above a mild day; 40 K is too hot to touch.</source>
        <translation>Bis es gesagt ist, fühlt der Schalter in der Rechnung die Luft. Ein Finger hält an einem milden Tag 25 K aus; zu heiß zum Anfassen sind 40 K.</translation>
    </message>
    <message>
        <source>Until it is meant to fire, its leads are twisted together and kept away from everything; a lamp takes its place.</source>
        <translation>Bis er zünden soll, sind seine Drähte verdrillt und liegen abseits von allem; eine Lampe steht für ihn.</translation>
    </message>
    <message>
        <source>Unused cores are cut back and insulated</source>
        <translation>Unbenutzte Adern sind zurückgeschnitten und isoliert</translation>
    </message>
    <message>
        <source>Use a {part}</source>
        <translation>Nimm: {part}</translation>
    </message>
    <message>
        <source>Use the {part}</source>
        <translation>Nimm: {part}</translation>
    </message>
    <message>
        <source>Use {capacity} {short_name}</source>
        <translation>{capacity} {short_name} verwenden</translation>
    </message>
    <message>
        <source>Use {more} conductors</source>
        <translation>Nimm {more} Leiter</translation>
    </message>
    <message>
        <source>Use {size}</source>
        <translation>Nimm {size}</translation>
    </message>
    <message>
        <source>Use {strands} strands of the same size</source>
        <translation>{strands} Einzeldrähte derselben Größe nehmen</translation>
    </message>
    <message>
        <source>Use {wire} in {insulation}</source>
        <translation>Nimm {wire} in {insulation}</translation>
    </message>
    <message>
        <source>Use {words}</source>
        <translation>Nimm {words}</translation>
    </message>
    <message>
        <source>V+ screw 2.5 mm, left; GND screw 2.5 mm, middle</source>
        <translation>V+ screw 2.5 mm, left; GND screw 2.5 mm, middle</translation>
    </message>
    <message>
        <source>V/R and ½CV²; the limits are practice.</source>
        <translation>V/R und ½CV²; die Grenzen sind Praxis.</translation>
    </message>
    <message>
        <source>Vehicle batteries give hundreds of amperes: fuse out before a tap goes in, rings and watches off, and nothing near an airbag's wiring.</source>
        <translation>Fahrzeugbatterien geben Hunderte Ampere: Sicherung heraus, ehe ein Abgriff hineinkommt, Ringe und Uhren ab, und nichts an den Leitungen eines Airbags.</translation>
    </message>
    <message>
        <source>Vents of {vents} cm² below, and as much above</source>
        <translation>Luftlöcher von {vents} cm² unten, und ebenso viel oben</translation>
    </message>
    <message>
        <source>Vibration wears insulation through, and the first strand that touches metal is a short.</source>
        <translation>Erschütterung scheuert die Isolierung durch, und der erste Einzeldraht, der Metall berührt, ist ein Kurzschluss.</translation>
    </message>
    <message>
        <source>Voltage</source>
        <translation>Spannung</translation>
    </message>
    <message>
        <source>Voltage and current as typed; a nameplate often overstates, an inline meter does not.</source>
        <translation>Spannung und Strom wie getippt; ein Typenschild übertreibt, ein Messgerät in der Leitung nicht.</translation>
    </message>
    <message>
        <source>Volts at each load, empty and running.</source>
        <translation>Volt an jedem Verbraucher, unbelastet und unter Last.</translation>
    </message>
    <message>
        <source>Volts at its output, its fuses still out.</source>
        <translation>Volt an seinem Ausgang, seine Sicherungen noch heraus.</translation>
    </message>
    <message>
        <source>Volts at its output, its loads off.</source>
        <translation>Volt an seinem Ausgang, seine Verbraucher aus.</translation>
    </message>
    <message>
        <source>Volts at the plug of {all}: 0. Then untwist its leads and join it.</source>
        <translation>Volt am Stecker von {all}: 0. Dann seine Drähte aufdrehen und ihn anschließen.</translation>
    </message>
    <message>
        <source>Wait for a part</source>
        <translation>Auf ein Teil warten</translation>
    </message>
    <message>
        <source>Walls {area} m², {per_kelvin} W a kelvin through them</source>
        <translation>Wände {area} m², {per_kelvin} W je Kelvin hindurch</translation>
    </message>
    <message>
        <source>Warm {warm}, after a peak {warmest}; {hottest_by} is rated for {hottest}</source>
        <translation>Warm {warm}, nach einer Spitze {warmest}; {hottest_by} verträgt {hottest}</translation>
    </message>
    <message>
        <source>Warmest</source>
        <translation>Am wärmsten</translation>
    </message>
    <message>
        <source>Washers of fibre or nylon under the screws where copper runs near a hole.</source>
        <translation>Scheiben aus Fiber oder Nylon unter die Schrauben, wo Kupfer nah an einem Loch liegt.</translation>
    </message>
    <message>
        <source>Watch</source>
        <translation>Beobachten</translation>
    </message>
    <message>
        <source>Water runs along a wire to its lowest point: make a drip loop before the opening.</source>
        <translation>Wasser folgt einem Draht zum tiefsten Punkt: lass ihn vor der Öffnung tiefer hängen.</translation>
    </message>
    <message>
        <source>Wed</source>
        <translation>Mi</translation>
    </message>
    <message>
        <source>What a reading was.</source>
        <translation>Was eine Messung ergab.</translation>
    </message>
    <message>
        <source>What a short at the end of {lead} draws was not found.</source>
        <translation>Was ein Kurzschluss am Ende von {lead} zieht, wurde nicht gefunden.</translation>
    </message>
    <message>
        <source>What a way meets.</source>
        <translation>Worauf ein Weg trifft.</translation>
    </message>
    <message>
        <source>What draws nothing has an opening in mm and perhaps ohms; what has volts and amperes is a load.</source>
        <translation>Was nichts zieht, hat eine Öffnung in mm und vielleicht Ohm; was Volt und Ampere hat, ist ein Verbraucher.</translation>
    </message>
    <message>
        <source>What draws nothing itself.</source>
        <translation>Was selbst nichts zieht.</translation>
    </message>
    <message>
        <source>What each end to end should read is on the Bench; nothing to the neighbour.</source>
        <translation>Was jede von Ende zu Ende zeigen soll, steht unter Messen; zum Nachbarn nichts.</translation>
    </message>
    <message>
        <source>What empties the pack in storage</source>
        <translation>Was den Akku im Lager leert</translation>
    </message>
    <message>
        <source>What feeds it limits it to {current}; the wire stays at {wire}.</source>
        <translation>Was sie speist, begrenzt auf {current}; die Leitung bleibt bei {wire}.</translation>
    </message>
    <message>
        <source>What goes on first: {lead}</source>
        <translation>Was zuerst darauf kommt: {lead}</translation>
    </message>
    <message>
        <source>What holds leads is rated for the heat and the vibration there</source>
        <translation>Was Leitungen hält, verträgt Hitze und Rütteln dort</translation>
    </message>
    <message>
        <source>What if</source>
        <translation>Was wäre wenn</translation>
    </message>
    <message>
        <source>What if it shorts?</source>
        <translation>Kurzschluss?</translation>
    </message>
    <message>
        <source>What is at hand and need not be bought.</source>
        <translation>Was da ist und nicht gekauft werden muss.</translation>
    </message>
    <message>
        <source>What is done, such as: Lid off, six screws</source>
        <translation>Was getan wird, etwa: Deckel ab, sechs Schrauben</translation>
    </message>
    <message>
        <source>What is glued over was measured before</source>
        <translation>Was überklebt ist, wurde vorher gemessen</translation>
    </message>
    <message>
        <source>What is knotted may be knotted</source>
        <translation>Was geknotet ist, lässt sich knoten</translation>
    </message>
    <message>
        <source>What is left, {left}, goes back into the drawer with its length on it.</source>
        <translation>Der Rest, {left}, kommt mit seiner Länge beschriftet zurück in die Schublade.</translation>
    </message>
    <message>
        <source>What is on a way lies within its length</source>
        <translation>Was auf einem Weg ist, liegt auf ihm</translation>
    </message>
    <message>
        <source>What is on each lead</source>
        <translation>Was auf jeder Leitung ist</translation>
    </message>
    <message>
        <source>What is over its wires</source>
        <translation>Was über ihren Adern ist</translation>
    </message>
    <message>
        <source>What is said of the line</source>
        <translation>Was zur Zeile zu sagen ist</translation>
    </message>
    <message>
        <source>What is stuck down leaves its plugs and controls free</source>
        <translation>Was festgeklebt ist, lässt frei, was gebraucht wird</translation>
    </message>
    <message>
        <source>What is there or is to come</source>
        <translation>Was da ist oder noch kommt</translation>
    </message>
    <message>
        <source>What is written on both ends</source>
        <translation>Was auf beiden Enden steht</translation>
    </message>
    <message>
        <source>What it is called</source>
        <translation>Wie er heißt</translation>
    </message>
    <message>
        <source>What it is for (+, −, out, signal, phase), what it takes (screw, pad, stud, lever, blade, plug, lead), a size in mm or “2 wires” is expected; where it is comes after a comma.</source>
        <translation>Wofür sie ist (+, −, out, signal, phase), was sie nimmt (screw, pad, stud, lever, blade, plug, lead), eine Größe in mm oder „2 wires“ wird erwartet; wo sie ist, kommt nach einem Komma.</translation>
    </message>
    <message>
        <source>What it takes</source>
        <translation>Was es kostet</translation>
    </message>
    <message>
        <source>What it was joined to is left as if it had never been.</source>
        <translation>Woran es hing, bleibt zurück, als wäre es nie gewesen.</translation>
    </message>
    <message>
        <source>What joints are covered with, in the whole plan</source>
        <translation>Womit Verbindungen isoliert werden, im ganzen Plan</translation>
    </message>
    <message>
        <source>What moves on the way takes {moving}: an arc of {moving_bend} times the wire's thickness through its angle.</source>
        <translation>Was unterwegs bewegt wird, nimmt {moving}: ein Bogen von {moving_bend} Leitungsdicken durch seinen Winkel.</translation>
    </message>
    <message>
        <source>What must run</source>
        <translation>Was laufen muss</translation>
    </message>
    <message>
        <source>What must run.</source>
        <translation>Was laufen muss.</translation>
    </message>
    <message>
        <source>What must stay on branches before the main switch; one switch turns off the rest.</source>
        <translation>Was an bleiben muss, zweigt vor dem Hauptschalter ab; ein Schalter schaltet den Rest aus.</translation>
    </message>
    <message>
        <source>What power comes from.</source>
        <translation>Woher die Leistung kommt.</translation>
    </message>
    <message>
        <source>What runs between two parts; its items and cores on lines of their own.</source>
        <translation>Was zwischen zwei Teilen läuft; was darin sitzt und seine Adern auf eigenen Zeilen.</translation>
    </message>
    <message>
        <source>What runs past the magnetic sensor at {part} turns it by up to {degrees}°: keep it {enough} off.</source>
        <translation>Was am Magnetsensor bei {part} vorbeiläuft, dreht ihn um bis zu {degrees}°: {enough} Abstand halten.</translation>
    </message>
    <message>
        <source>What runs there is {bundle} thick as a bundle.</source>
        <translation>Was dort läuft, ist als Bündel {bundle} dick.</translation>
    </message>
    <message>
        <source>What should be remembered about this step? Enter keeps it.</source>
        <translation>Was soll von diesem Schritt bleiben? Enter behält es.</translation>
    </message>
    <message>
        <source>What sits in a lead.</source>
        <translation>Was in einer Leitung sitzt.</translation>
    </message>
    <message>
        <source>What starts draws many times what it runs with; a motor at rest is its winding.</source>
        <translation>Was anläuft, zieht ein Vielfaches seines Betriebsstroms; ein stehender Motor ist nur seine Wicklung.</translation>
    </message>
    <message>
        <source>What the lines say was added.</source>
        <translation>Was die Zeilen sagen, wurde hinzugefügt.</translation>
    </message>
    <message>
        <source>What the meter shows</source>
        <translation>Was das Messgerät zeigt</translation>
    </message>
    <message>
        <source>What to buy</source>
        <translation>Was zu kaufen ist</translation>
    </message>
    <message>
        <source>What to cut</source>
        <translation>Was zuzuschneiden ist</translation>
    </message>
    <message>
        <source>What turns is stopped and cannot start.</source>
        <translation>Was sich dreht, steht still und kann nicht anlaufen.</translation>
    </message>
    <message>
        <source>What was done</source>
        <translation>Was getan wurde</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Was gefunden wurde</translation>
    </message>
    <message>
        <source>What {terminal} is for is missing: +, −, out, signal or phase.</source>
        <translation>Wofür {terminal} ist, fehlt: +, −, out, signal oder phase.</translation>
    </message>
    <message>
        <source>Wheels, arms and propellers off the ground or off the machine. Rings and watches off your hands.</source>
        <translation>Räder, Arme und Propeller vom Boden oder von der Maschine. Ringe und Uhren ablegen.</translation>
    </message>
    <message>
        <source>When a step comes</source>
        <translation>Wann ein Schritt kommt</translation>
    </message>
    <message>
        <source>When an order is expected.</source>
        <translation>Wann eine Bestellung erwartet wird.</translation>
    </message>
    <message>
        <source>When every wire of it is cut and has its items: a pigtail cannot be opened for another wire.</source>
        <translation>Wenn jeder Draht zugeschnitten ist und seine Teile hat: ein Sammelspleiß lässt sich nicht für einen weiteren öffnen.</translation>
    </message>
    <message>
        <source>When it is expected</source>
        <translation>Wann es erwartet wird</translation>
    </message>
    <message>
        <source>Where a holder takes two voltages, the lower one gets into the higher one's place.</source>
        <translation>Wo ein Halter zwei Spannungen nimmt, kommt die niedrigere an den Platz der höheren.</translation>
    </message>
    <message>
        <source>Where a pair ends</source>
        <translation>Wo ein Paar endet</translation>
    </message>
    <message>
        <source>Where a part's terminals are named, each lead lands on one of its role.</source>
        <translation>Wo die Klemmen eines Teils benannt sind, landet jede Leitung auf einer ihrer Rolle.</translation>
    </message>
    <message>
        <source>Where a rail is set</source>
        <translation>Wo eine Schiene eingestellt wird</translation>
    </message>
    <message>
        <source>Where a wall is passed.</source>
        <translation>Wo es durch eine Wand geht.</translation>
    </message>
    <message>
        <source>Where builders disagree</source>
        <translation>Wo Bauende uneins sind</translation>
    </message>
    <message>
        <source>Where builders disagree, and what each way would change here</source>
        <translation>Wo Bauende uneins sind, und was jede Art hier ändern würde</translation>
    </message>
    <message>
        <source>Where it counts</source>
        <translation>Worauf es ankommt</translation>
    </message>
    <message>
        <source>Where it touches what it measures and has its air, and nothing warmer is near.</source>
        <translation>Wo er berührt, was er misst, Luft hat und nichts Wärmeres nahe ist.</translation>
    </message>
    <message>
        <source>Where leads meet.</source>
        <translation>Wo sich Leitungen treffen.</translation>
    </message>
    <message>
        <source>Where several terminals would do, one is chosen</source>
        <translation>Wo mehrere Klemmen gingen, ist eine gewählt</translation>
    </message>
    <message>
        <source>Where the power goes</source>
        <translation>Wohin die Leistung geht</translation>
    </message>
    <message>
        <source>Where the source is in its voltage range</source>
        <translation>Wie hoch in ihrem Bereich die Quelle steht</translation>
    </message>
    <message>
        <source>Where ways meet there is room for the bend radius</source>
        <translation>Wo Wege zusammentreffen, ist Platz für den Bogen</translation>
    </message>
    <message>
        <source>Where you put it.</source>
        <translation>Wo du ihn hingesetzt hast.</translation>
    </message>
    <message>
        <source>Where: {where}.</source>
        <translation>Wo: {where}.</translation>
    </message>
    <message>
        <source>Which battery</source>
        <translation>Welcher Akku</translation>
    </message>
    <message>
        <source>Which fails first: fuse or wire?</source>
        <translation>Was versagt zuerst: Sicherung oder Draht?</translation>
    </message>
    <message>
        <source>Which fuse opens, when, how hot, what loses power</source>
        <translation>Welche Sicherung öffnet, wann, wie heiß, was Strom verliert</translation>
    </message>
    <message>
        <source>Which parts go onto {name}? Behind the colon, with commas between.</source>
        <translation>Welche Teile kommen auf {name}? Hinter den Doppelpunkt, mit Kommas dazwischen.</translation>
    </message>
    <message>
        <source>Which plan</source>
        <translation>Welcher Plan</translation>
    </message>
    <message>
        <source>While its port is still reached; nothing else on its supply.</source>
        <translation>Solange man an ihren Anschluss kommt; nichts anderes an ihrer Versorgung.</translation>
    </message>
    <message>
        <source>While {phase} charges {pack}, {names} {one|goes|go} on taking {amps}: a charger that ends at {ends} does not end.</source>
        <translation>Während {phase} {pack} lädt, {one|zieht|ziehen} {names} weiter {amps}: ein Ladegerät, das bei {ends} endet, endet nicht.</translation>
    </message>
    <message>
        <source>Why</source>
        <translation>Warum</translation>
    </message>
    <message>
        <source>Why at this point</source>
        <translation>Warum an dieser Stelle</translation>
    </message>
    <message>
        <source>Why: {title}</source>
        <translation>Warum: {title}</translation>
    </message>
    <message>
        <source>Window {low} – {high} → set {proposed}</source>
        <translation>Fenster {low} – {high} → eingestellt {proposed}</translation>
    </message>
    <message>
        <source>Wings over strands and over insulation, each in its own part of the die.</source>
        <translation>Flügel über die Litze und über die Isolierung, jede in ihrem Teil des Gesenks.</translation>
    </message>
    <message>
        <source>Wings that are too small cut into the insulation, and the contact jams in its housing.</source>
        <translation>Flügel, die nicht schließen, schneiden in die Isolierung, und der Kontakt klemmt im Gehäuse.</translation>
    </message>
    <message>
        <source>Wings that do not grip leave every pull to the strands.</source>
        <translation>Flügel, die nichts fassen, überlassen jeden Zug der Litze.</translation>
    </message>
    <message>
        <source>Wire</source>
        <translation>Leitung</translation>
    </message>
    <message>
        <source>Wire insulation</source>
        <translation>Isolierung der Leitungen</translation>
    </message>
    <message>
        <source>Wire of {name}</source>
        <translation>Draht von {name}</translation>
    </message>
    <message>
        <source>Wire sizes</source>
        <translation>Leitungsgrößen</translation>
    </message>
    <message>
        <source>Wire the plan with Propose (Ctrl+Enter); the steps follow from it.</source>
        <translation>Verdrahte den Plan mit Vorschlagen (Strg+Enter); die Schritte folgen daraus.</translation>
    </message>
    <message>
        <source>Wires keep clear of moving, hot and sharp parts, fuel and airbags</source>
        <translation>Leitungen halten sich von Bewegtem, Heißem und Scharfem, Kraftstoff und Airbags fern</translation>
    </message>
    <message>
        <source>Wiring</source>
        <translation>Verdrahtung</translation>
    </message>
    <message>
        <source>Wiring diagram</source>
        <translation>Schaltplan</translation>
    </message>
    <message>
        <source>Wiring diagram, sheet {number} of {sheets}</source>
        <translation>Schaltplan, Blatt {number} von {sheets}</translation>
    </message>
    <message>
        <source>Wiring the plan every way …</source>
        <translation>Der Plan wird auf jede Art verdrahtet …</translation>
    </message>
    <message>
        <source>With a lighter: hold it beside the flame, not in it, and keep moving; soot means too close.</source>
        <translation>Mit einem Feuerzeug: neben der Flamme, nicht darin, immer in Bewegung; Ruß heißt zu nah.</translation>
    </message>
    <message>
        <source>With the braid over it past what moves.</source>
        <translation>Mit dem Geflecht darüber, an dem vorbei, was sich bewegt.</translation>
    </message>
    <message>
        <source>With the others</source>
        <translation>Mit den anderen</translation>
    </message>
    <message>
        <source>With the weak cell at {cutoff} the pack still shows {pack_rest_voltage}.</source>
        <translation>Mit der schwachen Zelle bei {cutoff} zeigt der Akku noch {pack_rest_voltage}.</translation>
    </message>
    <message>
        <source>With what room is kept for.</source>
        <translation>Mit dem, wofür Platz bleibt.</translation>
    </message>
    <message>
        <source>With what runs through it already.</source>
        <translation>Mit dem, was schon hindurchläuft.</translation>
    </message>
    <message>
        <source>Without a joint there is no strip length, no tube and no step for it.</source>
        <translation>Ohne Verbindung gibt es keine Abisolierlänge, keinen Schlauch und keinen Schritt dafür.</translation>
    </message>
    <message>
        <source>Without any sun it lasts {days}.</source>
        <translation>Ganz ohne Sonne hält er {days}.</translation>
    </message>
    <message>
        <source>Without charging</source>
        <translation>Ohne zu laden</translation>
    </message>
    <message>
        <source>Without one a chafed wire or a failed controller is a fire in flight: route and secure the lead with care.</source>
        <translation>Ohne sie ist ein durchgescheuerter Draht oder ein verbrannter Regler ein Feuer in der Luft: mit Sorgfalt verlegen und halten.</translation>
    </message>
    <message>
        <source>Without one it is neither cut nor made up, and its reading proves it alone.</source>
        <translation>Ohne sie wird nichts zugeschnitten oder konfektioniert, und seine Messung prüft ihn allein.</translation>
    </message>
    <message>
        <source>Without vents</source>
        <translation>Ohne Luftlöcher</translation>
    </message>
    <message>
        <source>Withstands {in_min} – {in_max}: {spare} spare</source>
        <translation>Verträgt {in_min} – {in_max}: {spare} Reserve</translation>
    </message>
    <message>
        <source>Work on a board</source>
        <translation>Arbeit an einer Platine</translation>
    </message>
    <message>
        <source>Work on a board, from its parts…</source>
        <translation>Arbeit an einer Platine, aus ihren Teilen…</translation>
    </message>
    <message>
        <source>Working</source>
        <translation>Arbeit</translation>
    </message>
    <message>
        <source>Worst</source>
        <translation>Ungünstigster Fall</translation>
    </message>
    <message>
        <source>Worst of mission, charge and heat. Click or drag a size.</source>
        <translation>Das Schlimmste aus Einsatz, Ladung und Hitze. Klick auf eine Größe oder zieh sie.</translation>
    </message>
    <message>
        <source>Worst-case sag to {lowest} ({where})</source>
        <translation>Im ungünstigsten Fall {lowest} ({where})</translation>
    </message>
    <message>
        <source>Wrap it with tape, half overlapped, stretched, the last turn slack.</source>
        <translation>Wickle Band darum, halb überlappt, gedehnt, die letzte Windung locker.</translation>
    </message>
    <message>
        <source>Wrap the branch end twice round it.</source>
        <translation>Wickle das Ende des Abzweigs zweimal darum.</translation>
    </message>
    <message>
        <source>Write plus and minus on its lead.</source>
        <translation>Schreib Plus und Minus auf seine Leitung.</translation>
    </message>
    <message>
        <source>Write the version on the label.</source>
        <translation>Die Version auf das Etikett schreiben.</translation>
    </message>
    <message>
        <source>Write the {obstacle} at the end at {part}.</source>
        <translation>Schreib {obstacle} auf das Ende bei {part}.</translation>
    </message>
    <message>
        <source>Write what should be remembered, then Enter</source>
        <translation>Schreib, was bleiben soll, dann Enter</translation>
    </message>
    <message>
        <source>Written to {file}.</source>
        <translation>Geschrieben nach {file}.</translation>
    </message>
    <message>
        <source>Written to {file}; print it at 100 %.</source>
        <translation>Nach {file} geschrieben; mit 100 % drucken.</translation>
    </message>
    <message>
        <source>You have no {list}.</source>
        <translation>Du hast kein Werkzeug: {list}.</translation>
    </message>
    <message>
        <source>a 12 V battery while it charges</source>
        <translation>eine 12-V-Batterie beim Laden</translation>
    </message>
    <message>
        <source>a 12 V battery: lead, four LFP or ten NiMH cells</source>
        <translation>eine 12-V-Batterie: Blei, vier LFP- oder zehn NiMH-Zellen</translation>
    </message>
    <message>
        <source>a 24 V battery: lead, eight LFP or twenty NiMH cells</source>
        <translation>eine 24-V-Batterie: Blei, acht LFP- oder zwanzig NiMH-Zellen</translation>
    </message>
    <message>
        <source>a 36 V battery: ten lithium, twelve LFP or eighteen lead cells</source>
        <translation>eine 36-V-Batterie: zehn Lithium-, zwölf LFP- oder achtzehn Bleizellen</translation>
    </message>
    <message>
        <source>a 48 V battery: thirteen or fourteen lithium, fifteen or sixteen LFP, or lead</source>
        <translation>eine 48-V-Batterie: dreizehn oder vierzehn Lithium-, fünfzehn oder sechzehn LFP-Zellen oder Blei</translation>
    </message>
    <message>
        <source>a 6 V lead battery</source>
        <translation>eine 6-V-Bleibatterie</translation>
    </message>
    <message>
        <source>a balanced line</source>
        <translation>eine symmetrische Leitung</translation>
    </message>
    <message>
        <source>a block</source>
        <translation>ein Verteiler</translation>
    </message>
    <message>
        <source>a block in its case</source>
        <translation>ein Block im Gehäuse</translation>
    </message>
    <message>
        <source>a bowl for screws</source>
        <translation>eine Schale für Schrauben</translation>
    </message>
    <message>
        <source>a buffer of 5 V at the sender and 330 Ω in series</source>
        <translation>ein 5-V-Puffer am Sender und 330 Ω in Reihe</translation>
    </message>
    <message>
        <source>a capacitance, such as 470 µF</source>
        <translation>eine Kapazität, etwa 470 µF</translation>
    </message>
    <message>
        <source>a capacity from 1 mAh to 100 000 Ah is expected</source>
        <translation>eine Kapazität von 1 mAh bis 100 000 Ah wird erwartet</translation>
    </message>
    <message>
        <source>a charge, such as 30 Ah</source>
        <translation>eine Ladung, etwa 30 Ah</translation>
    </message>
    <message>
        <source>a charger's amperes lie above 0, up to 1000</source>
        <translation>die Ampere eines Ladegeräts liegen über 0, bis 1000</translation>
    </message>
    <message>
        <source>a charger's volts lie above 0 and below 60</source>
        <translation>die Volt eines Ladegeräts liegen über 0 und unter 60</translation>
    </message>
    <message>
        <source>a clip across its diode</source>
        <translation>ein Clip über seine Diode</translation>
    </message>
    <message>
        <source>a clip across {name}</source>
        <translation>ein Clip über {name}</translation>
    </message>
    <message>
        <source>a clip on its fuse holder</source>
        <translation>ein Clip an seinem Sicherungshalter</translation>
    </message>
    <message>
        <source>a coax is crushed by it</source>
        <translation>ein Koaxkabel wird davon gequetscht</translation>
    </message>
    <message>
        <source>a comma is expected before “{rest}”</source>
        <translation>vor „{rest}“ wird ein Komma erwartet</translation>
    </message>
    <message>
        <source>a converter of its own for what is noisy, or not</source>
        <translation>ein eigener Wandler für das Störende, oder keiner</translation>
    </message>
    <message>
        <source>a current above 0 A is needed</source>
        <translation>ein Strom über 0 A wird gebraucht</translation>
    </message>
    <message>
        <source>a current, such as 2.4 A or 80 mA</source>
        <translation>einen Strom, etwa 2.4 A oder 80 mA</translation>
    </message>
    <message>
        <source>a device</source>
        <translation>ein Gerät</translation>
    </message>
    <message>
        <source>a discharge rating above 0 and up to 500 C is expected</source>
        <translation>erwartet wird eine Entladerate über 0 und bis 500 C</translation>
    </message>
    <message>
        <source>a distance above zero, up to 100 m, is expected</source>
        <translation>ein Abstand über null, bis 100 m, wird erwartet</translation>
    </message>
    <message>
        <source>a drop all round, and a finger's width of wire</source>
        <translation>ein Tropfen rundum und ein Fingerbreit Draht</translation>
    </message>
    <message>
        <source>a folder</source>
        <translation>ein Ordner</translation>
    </message>
    <message>
        <source>a frame or an arm: no lid hides what is in it</source>
        <translation>ein Rahmen oder Arm: kein Deckel verbirgt, was darin ist</translation>
    </message>
    <message>
        <source>a frequency, such as 300 kHz</source>
        <translation>eine Frequenz, etwa 300 kHz</translation>
    </message>
    <message>
        <source>a fuse</source>
        <translation>eine Sicherung</translation>
    </message>
    <message>
        <source>a group of keys</source>
        <translation>eine Gruppe von Schlüsseln</translation>
    </message>
    <message>
        <source>a guard, a lock, or a loop instead, so that it is not turned off by accident</source>
        <translation>ein Schutz, eine Sperre oder stattdessen eine Schleife: niemand schaltet ihn aus Versehen aus</translation>
    </message>
    <message>
        <source>a hub or an active cable between</source>
        <translation>ein Hub oder ein aktives Kabel dazwischen</translation>
    </message>
    <message>
        <source>a lead that carries supply has a core of that role</source>
        <translation>eine Leitung, die versorgt, hat eine Ader dieser Rolle</translation>
    </message>
    <message>
        <source>a lead that carries supply has a ground core to come back by</source>
        <translation>eine Leitung, die versorgt, hat eine Masseader für den Rückweg</translation>
    </message>
    <message>
        <source>a lead's supply and return, from what gives to what takes</source>
        <translation>Versorgung und Rückleitung, von dem, was gibt, zu dem, was nimmt</translation>
    </message>
    <message>
        <source>a length cannot be negative</source>
        <translation>eine Länge kann nicht negativ sein</translation>
    </message>
    <message>
        <source>a length, such as 0.9 m or 3/32 in</source>
        <translation>eine Länge, etwa 0.9 m oder 3/32 in</translation>
    </message>
    <message>
        <source>a lighter</source>
        <translation>einem Feuerzeug</translation>
    </message>
    <message>
        <source>a line for a {word} is expected here</source>
        <translation>eine Zeile für {word} wird hier erwartet</translation>
    </message>
    <message>
        <source>a line of the shopping list</source>
        <translation>eine Zeile der Einkaufsliste</translation>
    </message>
    <message>
        <source>a list</source>
        <translation>eine Liste</translation>
    </message>
    <message>
        <source>a list in quotes is expected: {word} "[1, 2]"</source>
        <translation>eine Liste in Anführungszeichen wird erwartet: {word} "[1, 2]"</translation>
    </message>
    <message>
        <source>a load and how it runs, typical where it is not said: “runs Fog pump idle”</source>
        <translation>ein Verbraucher und wie er läuft, typisch, wo nichts gesagt ist: „runs Fog pump idle“</translation>
    </message>
    <message>
        <source>a load and the share of its draw: “share Fog pump 0.6”</source>
        <translation>ein Verbraucher und der Anteil seines Stroms: „share Fog pump 0.6“</translation>
    </message>
    <message>
        <source>a load is expected, such as “{word} Fog pump”</source>
        <translation>ein Verbraucher wird erwartet, etwa „{word} Fog pump“</translation>
    </message>
    <message>
        <source>a mating half to keep the pins straight</source>
        <translation>ein Gegenstecker, der die Stifte gerade hält</translation>
    </message>
    <message>
        <source>a module</source>
        <translation>ein Wandler</translation>
    </message>
    <message>
        <source>a module of their own</source>
        <translation>ein eigener Wandler</translation>
    </message>
    <message>
        <source>a name of its own</source>
        <translation>ein eigener Name</translation>
    </message>
    <message>
        <source>a name, a colon and what it is are expected: “Battery: 8S LFP 35 Ah”</source>
        <translation>ein Name, ein Doppelpunkt und was es ist werden erwartet: „Battery: 8S LFP 35 Ah“</translation>
    </message>
    <message>
        <source>a number</source>
        <translation>eine Zahl</translation>
    </message>
    <message>
        <source>a number {bounds} is expected, not {value}</source>
        <translation>eine Zahl {bounds} wird erwartet, nicht {value}</translation>
    </message>
    <message>
        <source>a pair of extender boards</source>
        <translation>ein Paar Verlängerungsplatinen</translation>
    </message>
    <message>
        <source>a panel feeds nothing else</source>
        <translation>ein Panel speist nichts anderes</translation>
    </message>
    <message>
        <source>a panel is said in watts, such as 20 W</source>
        <translation>ein Panel wird in Watt gesagt, etwa 20 W</translation>
    </message>
    <message>
        <source>a percentage, such as 68 %</source>
        <translation>einen Prozentsatz, etwa 68 %</translation>
    </message>
    <message>
        <source>a pin is named in at most {longest_pin} letters, such as 12 or CLK</source>
        <translation>ein Pin heißt in höchstens {longest_pin} Zeichen, etwa 12 oder CLK</translation>
    </message>
    <message>
        <source>a pin, a colour, a signal and a pin are expected, such as 1 white PWM &gt; 1</source>
        <translation>erwartet werden Pin, Farbe, Signal und Pin, etwa 1 weiß PWM &gt; 1</translation>
    </message>
    <message>
        <source>a pipe</source>
        <translation>eine Röhre zwischen Programmen</translation>
    </message>
    <message>
        <source>a plug</source>
        <translation>ein Stecker</translation>
    </message>
    <message>
        <source>a polarised one put in reversed</source>
        <translation>ein gepoltes verkehrt herum eingesetzt</translation>
    </message>
    <message>
        <source>a pouch pack</source>
        <translation>ein Beutelzellen-Akku</translation>
    </message>
    <message>
        <source>a power, such as 30 W</source>
        <translation>eine Leistung, etwa 30 W</translation>
    </message>
    <message>
        <source>a resistance, such as 4.7 Ω or 38 kΩ</source>
        <translation>einen Widerstand, z. B. 4,7 Ω oder 38 kΩ</translation>
    </message>
    <message>
        <source>a resistor across the pair at its ends</source>
        <translation>ein Widerstand über das Paar an seinen Enden</translation>
    </message>
    <message>
        <source>a resistor at both ends</source>
        <translation>Widerstand an beiden Enden</translation>
    </message>
    <message>
        <source>a ribbon is creased by it</source>
        <translation>ein Flachbandkabel wird davon geknickt</translation>
    </message>
    <message>
        <source>a ring on bare metal</source>
        <translation>eine Öse auf blankem Metall</translation>
    </message>
    <message>
        <source>a second one at {near}: it takes the pull, not the solder</source>
        <translation>ein zweiter bei {near}: er nimmt den Zug auf, nicht das Lot</translation>
    </message>
    <message>
        <source>a second one for what is quiet</source>
        <translation>ein zweiter für das Leise</translation>
    </message>
    <message>
        <source>a second one through diodes, or its charge watched and an alarm well before it is empty</source>
        <translation>ein zweiter über Dioden, oder seine Ladung bewacht und ein Alarm lange vor leer</translation>
    </message>
    <message>
        <source>a signal is named in at most {longest_signal} letters</source>
        <translation>ein Signal heißt in höchstens {longest_signal} Zeichen</translation>
    </message>
    <message>
        <source>a size of tube in the drawer</source>
        <translation>eine Größe Schlauch in der Schublade</translation>
    </message>
    <message>
        <source>a socket</source>
        <translation>eine Steckverbindung zwischen Programmen</translation>
    </message>
    <message>
        <source>a switch</source>
        <translation>ein Schalter</translation>
    </message>
    <message>
        <source>a switch between</source>
        <translation>ein Switch dazwischen</translation>
    </message>
    <message>
        <source>a temperature, such as -5 °C</source>
        <translation>eine Temperatur, etwa -5 °C</translation>
    </message>
    <message>
        <source>a text</source>
        <translation>ein Text</translation>
    </message>
    <message>
        <source>a time, such as 2h30 or 25 min</source>
        <translation>eine Zeit, etwa 2h30 oder 25 min</translation>
    </message>
    <message>
        <source>a tool that this builder does not own</source>
        <translation>ein Werkzeug, das dieser Bauende nicht hat</translation>
    </message>
    <message>
        <source>a tube</source>
        <translation>einen Schlauch</translation>
    </message>
    <message>
        <source>a value is expected behind “{word}”</source>
        <translation>hinter „{word}“ wird ein Wert erwartet</translation>
    </message>
    <message>
        <source>a vehicle's own harness is usually metric</source>
        <translation>der Kabelbaum eines Fahrzeugs ist meist metrisch</translation>
    </message>
    <message>
        <source>a vehicle's system</source>
        <translation>ein Fahrzeugbordnetz</translation>
    </message>
    <message>
        <source>a voltage and a length above 0 are needed</source>
        <translation>eine Spannung und eine Länge über 0 werden gebraucht</translation>
    </message>
    <message>
        <source>a voltage is missing, such as 12 V or 7–26 V</source>
        <translation>eine Spannung fehlt, etwa 12 V oder 7–26 V</translation>
    </message>
    <message>
        <source>a voltage, such as 12 V</source>
        <translation>eine Spannung, etwa 12 V</translation>
    </message>
    <message>
        <source>a way that it is to go by</source>
        <translation>ein Weg, den sie gehen soll</translation>
    </message>
    <message>
        <source>a whole number</source>
        <translation>eine ganze Zahl</translation>
    </message>
    <message>
        <source>a whole number from 1 to {plan_version} is expected here</source>
        <translation>eine ganze Zahl von 1 bis {plan_version} wird hier erwartet</translation>
    </message>
    <message>
        <source>a wire at {start}: {coldest} up to where {insulation} is damaged, {damage}, is expected</source>
        <translation>eine Leitung mit {start}: {coldest} bis dahin, wo {insulation} Schaden nimmt, {damage}, wird erwartet</translation>
    </message>
    <message>
        <source>a {test} fuse or a lamp in series</source>
        <translation>eine Sicherung {test} oder eine Lampe in Reihe</translation>
    </message>
    <message>
        <source>a {test} fuse or a lamp in series instead of the battery fuse</source>
        <translation>eine Sicherung {test} oder eine Lampe in Reihe anstelle der Batteriesicherung</translation>
    </message>
    <message>
        <source>about {minutes} min</source>
        <translation>etwa {minutes} min</translation>
    </message>
    <message>
        <source>above {least}</source>
        <translation>über {least}</translation>
    </message>
    <message>
        <source>across it</source>
        <translation>darüber</translation>
    </message>
    <message>
        <source>across its input</source>
        <translation>über seinem Eingang</translation>
    </message>
    <message>
        <source>across the plug that it came with and keeps</source>
        <translation>Breite des mitgelieferten Steckers, der dran bleibt</translation>
    </message>
    <message>
        <source>add-a-circuit tap for a second fuse</source>
        <translation>Abgriff für eine zweite Sicherung</translation>
    </message>
    <message>
        <source>adhesive tube</source>
        <translation>Schlauch mit Kleber</translation>
    </message>
    <message>
        <source>adhesive tube {}:{}</source>
        <translation>Schrumpfschlauch mit Kleber {}:{}</translation>
    </message>
    <message>
        <source>adjustable regulator {} A</source>
        <translation>einstellbarer Regler {} A</translation>
    </message>
    <message>
        <source>aerial</source>
        <translation>Antenne</translation>
    </message>
    <message>
        <source>against water and dust</source>
        <translation>gegen Wasser und Staub</translation>
    </message>
    <message>
        <source>air at {air} is no cooler than the insulation may be, {most}</source>
        <translation>Luft von {air} ist nicht kühler, als die Isolierung sein darf, {most}</translation>
    </message>
    <message>
        <source>air at {air}: {coldest} to {hottest} is expected</source>
        <translation>Luft von {air}: {coldest} bis {hottest} wird erwartet</translation>
    </message>
    <message>
        <source>airbag</source>
        <translation>Airbag</translation>
    </message>
    <message>
        <source>alcohol</source>
        <translation>Alkohol</translation>
    </message>
    <message>
        <source>alike, in parallel</source>
        <translation>gleiche, parallel</translation>
    </message>
    <message>
        <source>alkaline</source>
        <translation>Alkali-Mangan</translation>
    </message>
    <message>
        <source>alkaline cell</source>
        <translation>Alkali-Mangan-Zelle</translation>
    </message>
    <message>
        <source>all</source>
        <translation>alle</translation>
    </message>
    <message>
        <source>all but one</source>
        <translation>allen bis auf eine</translation>
    </message>
    <message>
        <source>all is built; Bench says what the meter should read.</source>
        <translation>alles gebaut; miss unter Messen.</translation>
    </message>
    <message>
        <source>all is measured; the battery fuse may go in.</source>
        <translation>alles ist gemessen; die Akkusicherung darf hinein.</translation>
    </message>
    <message>
        <source>all of {rail} would go; one side must keep something</source>
        <translation>alles von {rail} ginge; eine Seite muss etwas behalten</translation>
    </message>
    <message>
        <source>all others stay out</source>
        <translation>alle anderen bleiben heraus</translation>
    </message>
    <message>
        <source>all runs all the time, since no day is described</source>
        <translation>alles läuft die ganze Zeit, da kein Tag beschrieben ist</translation>
    </message>
    <message>
        <source>all switches open</source>
        <translation>alle Schalter offen</translation>
    </message>
    <message>
        <source>all that is noisy</source>
        <translation>alles Störende</translation>
    </message>
    <message>
        <source>along the lead, from its beginning</source>
        <translation>die Leitung entlang, von ihrem Anfang</translation>
    </message>
    <message>
        <source>always live</source>
        <translation>immer unter Spannung</translation>
    </message>
    <message>
        <source>always on</source>
        <translation>immer an</translation>
    </message>
    <message>
        <source>amperes</source>
        <translation>Ampere</translation>
    </message>
    <message>
        <source>amperes above 0 and up to 1000 are expected, one value</source>
        <translation>Ampere über 0 und bis 1000 werden erwartet, ein Wert</translation>
    </message>
    <message>
        <source>amperes are expected here; watts after the volts of a supply</source>
        <translation>hier werden Ampere erwartet; Watt nach den Volt einer Versorgung</translation>
    </message>
    <message>
        <source>amperes of charging</source>
        <translation>Ampere des Ladens</translation>
    </message>
    <message>
        <source>amperes of its charger</source>
        <translation>Ampere seines Ladegeräts</translation>
    </message>
    <message>
        <source>amperes printed on a supply</source>
        <translation>Ampere, auf ein Netzteil gedruckt</translation>
    </message>
    <message>
        <source>an active cable</source>
        <translation>ein aktives Kabel</translation>
    </message>
    <message>
        <source>an active pull-up, no branches</source>
        <translation>ein aktiver Pull-up, keine Abzweige</translation>
    </message>
    <message>
        <source>an energy, such as 90 Wh</source>
        <translation>eine Energie, etwa 90 Wh</translation>
    </message>
    <message>
        <source>an id is expected</source>
        <translation>eine id wird erwartet</translation>
    </message>
    <message>
        <source>an inductance, such as 100 µH</source>
        <translation>eine Induktivität, etwa 100 µH</translation>
    </message>
    <message>
        <source>an opening is no area; say it of a way</source>
        <translation>eine Öffnung ist keine Fläche; sag sie von einem Weg</translation>
    </message>
    <message>
        <source>an output of it, with a transistor</source>
        <translation>ein Ausgang davon, mit Transistor</translation>
    </message>
    <message>
        <source>analogue video</source>
        <translation>analoges Video</translation>
    </message>
    <message>
        <source>and here</source>
        <translation>und hier</translation>
    </message>
    <message>
        <source>and one more tube over both</source>
        <translation>und noch ein Schlauch über beide</translation>
    </message>
    <message>
        <source>and {more} more</source>
        <translation>und {more} weitere</translation>
    </message>
    <message>
        <source>another</source>
        <translation>einem anderen</translation>
    </message>
    <message>
        <source>any</source>
        <translation>beliebig</translation>
    </message>
    <message>
        <source>any size of the catalogue</source>
        <translation>jede Größe des Katalogs</translation>
    </message>
    <message>
        <source>arrived</source>
        <translation>angekommen</translation>
    </message>
    <message>
        <source>as a coax</source>
        <translation>als Koaxkabel</translation>
    </message>
    <message>
        <source>as close to {from} as possible</source>
        <translation>so nah an {from}, wie es geht</translation>
    </message>
    <message>
        <source>as computed</source>
        <translation>wie berechnet</translation>
    </message>
    <message>
        <source>as computed, or with half as much again</source>
        <translation>wie berechnet, oder die Hälfte mehr</translation>
    </message>
    <message>
        <source>as far from both bounds</source>
        <translation>von beiden Grenzen gleich weit</translation>
    </message>
    <message>
        <source>as good for {cheaper_each} instead of {each}: {cheaper}</source>
        <translation>ebenso gut für {cheaper_each} statt {each}: {cheaper}</translation>
    </message>
    <message>
        <source>as it is printed there</source>
        <translation>wie es dort aufgedruckt ist</translation>
    </message>
    <message>
        <source>as long as it is fed</source>
        <translation>solange es gespeist wird</translation>
    </message>
    <message>
        <source>as the desktop</source>
        <translation>wie der Schreibtisch</translation>
    </message>
    <message>
        <source>as the shopping list calls it</source>
        <translation>wie die Einkaufsliste es nennt</translation>
    </message>
    <message>
        <source>as they are sold</source>
        <translation>wie sie verkauft werden</translation>
    </message>
    <message>
        <source>as you call a switch</source>
        <translation>wie du einen Schalter nennst</translation>
    </message>
    <message>
        <source>assumed</source>
        <translation>angenommen</translation>
    </message>
    <message>
        <source>at hand</source>
        <translation>zur Hand</translation>
    </message>
    <message>
        <source>at its beginning</source>
        <translation>an ihrem Anfang</translation>
    </message>
    <message>
        <source>at its end</source>
        <translation>an ihrem Ende</translation>
    </message>
    <message>
        <source>at its output, fuses out</source>
        <translation>an seinem Ausgang, Sicherungen heraus</translation>
    </message>
    <message>
        <source>at its own terminals, nothing on them</source>
        <translation>an seinen eigenen Klemmen, nichts daran</translation>
    </message>
    <message>
        <source>at least one cell in series and in parallel</source>
        <translation>mindestens eine Zelle in Reihe und parallel</translation>
    </message>
    <message>
        <source>at least {least}</source>
        <translation>von mindestens {least}</translation>
    </message>
    <message>
        <source>at least {number} characters</source>
        <translation>mindestens {number} Zeichen</translation>
    </message>
    <message>
        <source>at least {number} entries</source>
        <translation>mindestens {number} Einträge</translation>
    </message>
    <message>
        <source>at most {most}</source>
        <translation>von höchstens {most}</translation>
    </message>
    <message>
        <source>at most {number} characters</source>
        <translation>höchstens {number} Zeichen</translation>
    </message>
    <message>
        <source>at most {number} entries</source>
        <translation>höchstens {number} Einträge</translation>
    </message>
    <message>
        <source>at nominal</source>
        <translation>auf Nennwert</translation>
    </message>
    <message>
        <source>at room temperature</source>
        <translation>bei Zimmertemperatur</translation>
    </message>
    <message>
        <source>at the end of its lead that goes to {part}, unplugged there</source>
        <translation>am Ende seiner Leitung, die zu {part} geht, dort ausgesteckt</translation>
    </message>
    <message>
        <source>at the iron</source>
        <translation>am Lötkolben</translation>
    </message>
    <message>
        <source>at the machine</source>
        <translation>an der Maschine</translation>
    </message>
    <message>
        <source>at the meter</source>
        <translation>am Messgerät</translation>
    </message>
    <message>
        <source>at the most</source>
        <translation>höchstens</translation>
    </message>
    <message>
        <source>at the source's end, at every empty fuse holder, at every module's output</source>
        <translation>am Ende der Quelle, an jedem leeren Sicherungshalter, am Ausgang jedes Wandlers</translation>
    </message>
    <message>
        <source>at the source's end, at every module's output</source>
        <translation>am Ende der Quelle, am Ausgang jedes Moduls</translation>
    </message>
    <message>
        <source>at work</source>
        <translation>bei der Arbeit</translation>
    </message>
    <message>
        <source>at worst</source>
        <translation>tiefst</translation>
    </message>
    <message>
        <source>at {at} from {part}</source>
        <translation>bei {at} ab {part}</translation>
    </message>
    <message>
        <source>at {part}</source>
        <translation>bei {part}</translation>
    </message>
    <message>
        <source>audio line</source>
        <translation>Tonleitung</translation>
    </message>
    <message>
        <source>balance plug {} mm pitch</source>
        <translation>Balancerstecker, Raster {} mm</translation>
    </message>
    <message>
        <source>bare metal</source>
        <translation>blankes Metall</translation>
    </message>
    <message>
        <source>bare metal of the frame, a hand away</source>
        <translation>blankes Metall des Rahmens, eine Handbreit weg</translation>
    </message>
    <message>
        <source>bare metal of the vehicle, its −</source>
        <translation>blankes Metall des Fahrzeugs, sein −</translation>
    </message>
    <message>
        <source>barrier strip {} A</source>
        <translation>Klemmleiste {} A</translation>
    </message>
    <message>
        <source>battery bracket with its screws</source>
        <translation>Batteriehalter mit seinen Schrauben</translation>
    </message>
    <message>
        <source>battery off and ten minutes gone first; under your local code it may be for a licensed hand</source>
        <translation>erst Batterie ab und zehn Minuten warten; nach örtlicher Vorschrift vielleicht Sache einer Fachkraft</translation>
    </message>
    <message>
        <source>battery tray with hold-down</source>
        <translation>Batteriewanne mit Niederhalter</translation>
    </message>
    <message>
        <source>battery: {pack_summary}</source>
        <translation>Akku: {pack_summary}</translation>
    </message>
    <message>
        <source>before any joint: forgotten tubing is the most common mistake</source>
        <translation>vor jeder Verbindung: der vergessene Schlauch ist der häufigste Fehler überhaupt</translation>
    </message>
    <message>
        <source>before its contact</source>
        <translation>vor ihrem Kontakt</translation>
    </message>
    <message>
        <source>before the joints at {near}</source>
        <translation>vor den Verbindungen bei {near}</translation>
    </message>
    <message>
        <source>before the opening, which holds nothing itself</source>
        <translation>vor der Öffnung, die selbst nichts hält</translation>
    </message>
    <message>
        <source>before “{edit}”</source>
        <translation>vor „{edit}“</translation>
    </message>
    <message>
        <source>behind each switch</source>
        <translation>hinter jedem Schalter</translation>
    </message>
    <message>
        <source>behind the wall</source>
        <translation>hinter der Wand</translation>
    </message>
    <message>
        <source>behind: its clips</source>
        <translation>hinten: seine Rastnasen</translation>
    </message>
    <message>
        <source>behind: washer and nut</source>
        <translation>hinten: Scheibe und Mutter</translation>
    </message>
    <message>
        <source>behind: what its screws hold</source>
        <translation>hinten: was seine Schrauben halten</translation>
    </message>
    <message>
        <source>below {most}</source>
        <translation>unter {most}</translation>
    </message>
    <message>
        <source>bend that is too tight for it</source>
        <translation>zu engen Biegung</translation>
    </message>
    <message>
        <source>bent to {bend} where {least} is the least</source>
        <translation>auf {bend} gebogen, wo {least} das Wenigste ist</translation>
    </message>
    <message>
        <source>beside what moves</source>
        <translation>neben dem, was sich bewegt</translation>
    </message>
    <message>
        <source>better: {better}</source>
        <translation>besser: {better}</translation>
    </message>
    <message>
        <source>better: {better}; worse: {worse}</source>
        <translation>besser: {better}; schlechter: {worse}</translation>
    </message>
    <message>
        <source>black</source>
        <translation>schwarz</translation>
    </message>
    <message>
        <source>blade</source>
        <translation>Flachstecker</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>blau</translation>
    </message>
    <message>
        <source>board plug {} mm pitch</source>
        <translation>Platinenstecker, Raster {} mm</translation>
    </message>
    <message>
        <source>board relay {} A</source>
        <translation>Printrelais {} A</translation>
    </message>
    <message>
        <source>bodies are {all}</source>
        <translation>Gehäuse sind {all}</translation>
    </message>
    <message>
        <source>body</source>
        <translation>Gehäuse</translation>
    </message>
    <message>
        <source>bold: free air, about 50 K of rise</source>
        <translation>kühn: freie Luft, rund 50 K Erwärmung</translation>
    </message>
    <message>
        <source>bolt</source>
        <translation>Schraube</translation>
    </message>
    <message>
        <source>bolt and serrated washer to the frame</source>
        <translation>Schraube und Zahnscheibe zum Rahmen</translation>
    </message>
    <message>
        <source>bolt-down fuse</source>
        <translation>Schraubsicherung</translation>
    </message>
    <message>
        <source>bolt-down fuse link</source>
        <translation>Schraub-Sicherungseinsatz</translation>
    </message>
    <message>
        <source>boost module {} A</source>
        <translation>Aufwärtswandler {} A</translation>
    </message>
    <message>
        <source>booster {} A</source>
        <translation>Aufwärtswandler {} A</translation>
    </message>
    <message>
        <source>bore, width or thread</source>
        <translation>Bohrung, Weite oder Gewinde</translation>
    </message>
    <message>
        <source>both closed switches of a motor's bridge</source>
        <translation>beide geschlossenen Schalter der Brücke eines Motors</translation>
    </message>
    <message>
        <source>both leads through it, close to what is noisy; costs nothing worth naming</source>
        <translation>beide Leitungen hindurch, nah an dem, was stört; kostet nichts Nennenswertes</translation>
    </message>
    <message>
        <source>both marks lie on one spot; two points whose distance you know are needed</source>
        <translation>beide Marken liegen auf einem Fleck; zwei Punkte mit bekanntem Abstand werden gebraucht</translation>
    </message>
    <message>
        <source>both seen from the side of the wires</source>
        <translation>beide von der Drahtseite gesehen</translation>
    </message>
    <message>
        <source>braid that fits</source>
        <translation>Geflecht, das passt</translation>
    </message>
    <message>
        <source>braid, strain relief and a loop</source>
        <translation>Geflecht, Zugentlastung und eine Schlaufe</translation>
    </message>
    <message>
        <source>brick {} V {} A</source>
        <translation>Netzteil {} V {} A</translation>
    </message>
    <message>
        <source>bridge</source>
        <translation>Brücke</translation>
    </message>
    <message>
        <source>bridges milliseconds, no more</source>
        <translation>überbrückt Millisekunden, mehr nicht</translation>
    </message>
    <message>
        <source>brown</source>
        <translation>braun</translation>
    </message>
    <message>
        <source>brown is minus</source>
        <translation>Braun ist Minus</translation>
    </message>
    <message>
        <source>brown/red/orange: minus brown, plus red, signal orange.</source>
        <translation>braun/rot/orange: Minus braun, Plus rot, Signal orange.</translation>
    </message>
    <message>
        <source>buck module {} A</source>
        <translation>Abwärtswandler {} A</translation>
    </message>
    <message>
        <source>buck module {} A with heat sink</source>
        <translation>Abwärtswandler {} A mit Kühlkörper</translation>
    </message>
    <message>
        <source>buck-boost module {} A</source>
        <translation>Auf-/Abwärtswandler {} A</translation>
    </message>
    <message>
        <source>buck-boost module {} V</source>
        <translation>Auf-/Abwärtswandler {} V</translation>
    </message>
    <message>
        <source>buck-boost module {} – {} V</source>
        <translation>Auf-/Abwärtswandler {} – {} V</translation>
    </message>
    <message>
        <source>bullet contact {} mm</source>
        <translation>Goldkontakt-Rundstecker {} mm</translation>
    </message>
    <message>
        <source>bunch and conductors count from 1</source>
        <translation>Bündel und Leiter zählen ab 1</translation>
    </message>
    <message>
        <source>bundles to {} mm</source>
        <translation>Bündel bis {} mm</translation>
    </message>
    <message>
        <source>bus specification: 400 pF in all, some 100 pF a metre with the devices on it; typical</source>
        <translation>Bus-Spezifikation: 400 pF insgesamt, etwa 100 pF je Meter mit allem daran; typisch</translation>
    </message>
    <message>
        <source>butt splice {} to {} mm²</source>
        <translation>Stoßverbinder {} bis {} mm²</translation>
    </message>
    <message>
        <source>button</source>
        <translation>Taster</translation>
    </message>
    <message>
        <source>by adhesive: what plugs into it is plugged before</source>
        <translation>durch Kleber: was hineingesteckt wird, steckt vorher</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>by its knot</source>
        <translation>an seinem Knoten</translation>
    </message>
    <message>
        <source>by its sheet: it works the other way round than a lamp</source>
        <translation>nach ihrem Blatt: Sie arbeitet andersherum als eine Lampe</translation>
    </message>
    <message>
        <source>by somebody else, or by you on another day</source>
        <translation>durch jemand anderen, oder dich an einem anderen Tag</translation>
    </message>
    <message>
        <source>by the metre</source>
        <translation>als Meterware</translation>
    </message>
    <message>
        <source>cable</source>
        <translation>Kabel</translation>
    </message>
    <message>
        <source>cable comb</source>
        <translation>Kabelkamm</translation>
    </message>
    <message>
        <source>cable delay of the standard</source>
        <translation>Kabellaufzeit der Norm</translation>
    </message>
    <message>
        <source>cable tie</source>
        <translation>Kabelbinder</translation>
    </message>
    <message>
        <source>cable ties</source>
        <translation>Kabelbinder</translation>
    </message>
    <message>
        <source>cable, {count} × {size}</source>
        <translation>Kabel, {count} × {size}</translation>
    </message>
    <message>
        <source>came with {supplied}</source>
        <translation>mitgeliefert mit {supplied}</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>camera ribbon</source>
        <translation>Kamera-Flachband</translation>
    </message>
    <message>
        <source>cannot be opened for reading: {reason}</source>
        <translation>kann nicht zum Lesen geöffnet werden: {reason}</translation>
    </message>
    <message>
        <source>cannot be read back</source>
        <translation>kann nicht zurückgelesen werden</translation>
    </message>
    <message>
        <source>cannot be recharged</source>
        <translation>lässt sich nicht wieder laden</translation>
    </message>
    <message>
        <source>cannot be replaced</source>
        <translation>kann nicht ersetzt werden</translation>
    </message>
    <message>
        <source>cannot be written</source>
        <translation>kann nicht geschrieben werden</translation>
    </message>
    <message>
        <source>cannot give {strongest} at {charge} charge in {ambient}</source>
        <translation>kann {strongest} bei {charge} Ladung in {ambient} nicht liefern</translation>
    </message>
    <message>
        <source>cap the bare end at {part}</source>
        <translation>das blanke Ende bei {part} abdecken</translation>
    </message>
    <message>
        <source>carries and protects</source>
        <translation>trägt und schützt</translation>
    </message>
    <message>
        <source>carries {holds} continuously at {air}: {continuous_share} of the rating, less {derate_per_kelvin} % per kelvin above 23 °C</source>
        <translation>trägt dauernd {holds} bei {air}: {continuous_share} des Nennwerts, weniger {derate_per_kelvin} % je Kelvin über 23 °C</translation>
    </message>
    <message>
        <source>catalogue</source>
        <translation>Katalog</translation>
    </message>
    <message>
        <source>caution</source>
        <translation>Warnung</translation>
    </message>
    <message>
        <source>cautions</source>
        <translation>Warnungen</translation>
    </message>
    <message>
        <source>cautious: enclosed, warm, for years</source>
        <translation>vorsichtig: eingeschlossen, warm, auf Jahre</translation>
    </message>
    <message>
        <source>cell-to-{} V booster {} A</source>
        <translation>Aufwärtswandler von einer Zelle auf {} V {} A</translation>
    </message>
    <message>
        <source>cells (8S, 2P), volts or ampere-hours are expected: {message}</source>
        <translation>Zellen (8S, 2P), Volt oder Amperestunden werden erwartet: {message}</translation>
    </message>
    <message>
        <source>centre of its plug</source>
        <translation>Seele seines Steckers</translation>
    </message>
    <message>
        <source>centre punch</source>
        <translation>Körner</translation>
    </message>
    <message>
        <source>centre to shield</source>
        <translation>Seele gegen Schirm</translation>
    </message>
    <message>
        <source>changed</source>
        <translation>geändert</translation>
    </message>
    <message>
        <source>changed elsewhere</source>
        <translation>anderswo geändert</translation>
    </message>
    <message>
        <source>changed elsewhere {count}</source>
        <translation>anderswo geändert {count}</translation>
    </message>
    <message>
        <source>charge %</source>
        <translation>Ladung %</translation>
    </message>
    <message>
        <source>charge goes from 0 to 100 %</source>
        <translation>die Ladung geht von 0 bis 100 %</translation>
    </message>
    <message>
        <source>charged at {full}, nominal {nominal}, empty at {cutoff}</source>
        <translation>geladen bei {full}, Nennwert {nominal}, leer bei {cutoff}</translation>
    </message>
    <message>
        <source>charges</source>
        <translation>lädt</translation>
    </message>
    <message>
        <source>charging</source>
        <translation>Laden</translation>
    </message>
    <message>
        <source>chassis wiring</source>
        <translation>Gerätedraht</translation>
    </message>
    <message>
        <source>cheapest</source>
        <translation>am billigsten</translation>
    </message>
    <message>
        <source>chemistry “{chemistry}” is not known: {known} are</source>
        <translation>Chemie „{chemistry}“ ist nicht bekannt: es gibt {known}</translation>
    </message>
    <message>
        <source>choose</source>
        <translation>wähle</translation>
    </message>
    <message>
        <source>circle packing by search</source>
        <translation>Kreispackung durch Suche</translation>
    </message>
    <message>
        <source>circuit</source>
        <translation>Stromkreis</translation>
    </message>
    <message>
        <source>clamp</source>
        <translation>Schelle</translation>
    </message>
    <message>
        <source>clamp-on ferrite</source>
        <translation>Klappferrit</translation>
    </message>
    <message>
        <source>clear</source>
        <translation>transparent</translation>
    </message>
    <message>
        <source>clip</source>
        <translation>Clip</translation>
    </message>
    <message>
        <source>clip lead</source>
        <translation>Klemmleitung</translation>
    </message>
    <message>
        <source>clip-on ferrite bead</source>
        <translation>aufklappbare Ferritperle</translation>
    </message>
    <message>
        <source>clips</source>
        <translation>Rastnasen</translation>
    </message>
    <message>
        <source>close to {pack}, which stands for both</source>
        <translation>nahe bei {pack}, der für beide steht</translation>
    </message>
    <message>
        <source>closed</source>
        <translation>geschlossen</translation>
    </message>
    <message>
        <source>closed by nothing named</source>
        <translation>geschlossen von nichts Benanntem</translation>
    </message>
    <message>
        <source>closed by {part}</source>
        <translation>geschlossen von {part}</translation>
    </message>
    <message>
        <source>closed-end cap {} to {} mm² together</source>
        <translation>Endverbinder {} bis {} mm² zusammen</translation>
    </message>
    <message>
        <source>closed-end crimp cap</source>
        <translation>Crimp-Endverbinder</translation>
    </message>
    <message>
        <source>closes at {} °C</source>
        <translation>schließt bei {} °C</translation>
    </message>
    <message>
        <source>closes when it is warm: a fan runs only when needed. Its case may be live: insulate it</source>
        <translation>schließt, wenn es warm ist: ein Lüfter läuft nur bei Bedarf. Sein Gehäuse kann Spannung führen: isoliere es</translation>
    </message>
    <message>
        <source>coax</source>
        <translation>Koax</translation>
    </message>
    <message>
        <source>coax, and its shield to ground at one end</source>
        <translation>Koax, sein Schirm an einem Ende an Masse</translation>
    </message>
    <message>
        <source>coil on this feed's own supply</source>
        <translation>Spule an der Versorgung dieser Zuleitung</translation>
    </message>
    <message>
        <source>coil on {part}</source>
        <translation>Spule an {part}</translation>
    </message>
    <message>
        <source>cold</source>
        <translation>kalt</translation>
    </message>
    <message>
        <source>cold resistance about {fuse_resistance}; breaks {breaking} at {voltage}</source>
        <translation>Kaltwiderstand etwa {fuse_resistance}; trennt {breaking} bei {voltage}</translation>
    </message>
    <message>
        <source>colour of the return</source>
        <translation>Farbe der Rückleitung</translation>
    </message>
    <message>
        <source>colour of the supply</source>
        <translation>Farbe der Versorgung</translation>
    </message>
    <message>
        <source>comb</source>
        <translation>Kamm</translation>
    </message>
    <message>
        <source>comma: 1,5 V</source>
        <translation>Komma: 1,5 V</translation>
    </message>
    <message>
        <source>computed after {size}, the nearest of the catalogue</source>
        <translation>berechnet nach {size}, der nächsten Größe des Katalogs</translation>
    </message>
    <message>
        <source>computer and cable</source>
        <translation>Rechner und Kabel</translation>
    </message>
    <message>
        <source>connector</source>
        <translation>Stecker</translation>
    </message>
    <message>
        <source>connector +</source>
        <translation>Stecker +</translation>
    </message>
    <message>
        <source>connector −</source>
        <translation>Stecker −</translation>
    </message>
    <message>
        <source>constant-current</source>
        <translation>Konstantstrom</translation>
    </message>
    <message>
        <source>constant-power</source>
        <translation>Konstantleistung</translation>
    </message>
    <message>
        <source>contactor {} A with magnetic blow-out</source>
        <translation>Schütz {} A mit magnetischer Funkenlöschung</translation>
    </message>
    <message>
        <source>continuous discharge printed on it, multiples of its capacity per hour</source>
        <translation>aufgedruckte Dauerentladung, Vielfache der Kapazität je Stunde</translation>
    </message>
    <message>
        <source>convert at the sensor and send figures</source>
        <translation>am Sensor wandeln und Zahlen senden</translation>
    </message>
    <message>
        <source>converter</source>
        <translation>Wandler</translation>
    </message>
    <message>
        <source>core</source>
        <translation>Ader</translation>
    </message>
    <message>
        <source>cores of one number are twisted together</source>
        <translation>Adern einer Nummer sind miteinander verdrillt</translation>
    </message>
    <message>
        <source>cores of one number carry together</source>
        <translation>Adern einer Nummer tragen gemeinsam</translation>
    </message>
    <message>
        <source>corner</source>
        <translation>Ecke</translation>
    </message>
    <message>
        <source>cost</source>
        <translation>Kosten</translation>
    </message>
    <message>
        <source>cost nothing; help above a few MHz</source>
        <translation>kosten nichts; helfen über ein paar MHz</translation>
    </message>
    <message>
        <source>cost {signed_words}</source>
        <translation>Kosten {signed_words}</translation>
    </message>
    <message>
        <source>craft knife</source>
        <translation>Bastelmesser</translation>
    </message>
    <message>
        <source>crimp butt splice</source>
        <translation>Crimp-Stoßverbinder</translation>
    </message>
    <message>
        <source>crimp contact</source>
        <translation>Crimpkontakt</translation>
    </message>
    <message>
        <source>crimp contact {} to {} mm²</source>
        <translation>Crimpkontakt {} bis {} mm²</translation>
    </message>
    <message>
        <source>crimp pin of a battery plug</source>
        <translation>Crimpstift eines Akkusteckers</translation>
    </message>
    <message>
        <source>crimp ring terminal</source>
        <translation>Crimp-Ringöse</translation>
    </message>
    <message>
        <source>crimp, then solder</source>
        <translation>crimpen, dann löten</translation>
    </message>
    <message>
        <source>crimped and soldered ring terminal</source>
        <translation>gecrimpter und verlöteter Ringkabelschuh</translation>
    </message>
    <message>
        <source>crimped butt splice</source>
        <translation>gecrimpter Stoßverbinder</translation>
    </message>
    <message>
        <source>crimped closed-end cap</source>
        <translation>gecrimpter Endverbinder</translation>
    </message>
    <message>
        <source>crimped contact in a housing</source>
        <translation>Crimpkontakt im Gehäuse</translation>
    </message>
    <message>
        <source>crimped pin of a battery plug</source>
        <translation>gecrimpter Kontakt eines Akkusteckers</translation>
    </message>
    <message>
        <source>crimped push-on blade</source>
        <translation>gecrimpter Flachsteckverbinder</translation>
    </message>
    <message>
        <source>crimped ring terminal</source>
        <translation>gecrimpter Ringkabelschuh</translation>
    </message>
    <message>
        <source>crimping</source>
        <translation>Crimpen</translation>
    </message>
    <message>
        <source>crimping pliers</source>
        <translation>Crimpzange</translation>
    </message>
    <message>
        <source>crimping tool with the right die</source>
        <translation>Crimpzange mit dem richtigen Gesenk</translation>
    </message>
    <message>
        <source>cross-linked polyethylene</source>
        <translation>vernetztes Polyethylen</translation>
    </message>
    <message>
        <source>cross-section of the circuit's wire</source>
        <translation>Querschnitt der Leitung des Stromkreises</translation>
    </message>
    <message>
        <source>cubic metres an hour that a fan moves through it</source>
        <translation>Kubikmeter je Stunde, die ein Lüfter hindurchbewegt</translation>
    </message>
    <message>
        <source>currents may come back through its frame</source>
        <translation>Ströme dürfen über seinen Rahmen zurückkehren</translation>
    </message>
    <message>
        <source>cut {ret|2 × |}{cut} of {wire}</source>
        <translation>Zuschnitt {ret|2 × |}{cut} von {wire}</translation>
    </message>
    <message>
        <source>cutters</source>
        <translation>Seitenschneider</translation>
    </message>
    <message>
        <source>cutting</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>cylindrical DC fuse link</source>
        <translation>zylindrischer DC-Sicherungseinsatz</translation>
    </message>
    <message>
        <source>danger</source>
        <translation>Gefahr</translation>
    </message>
    <message>
        <source>dangers</source>
        <translation>Gefahren</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>dunkel</translation>
    </message>
    <message>
        <source>data pair</source>
        <translation>Datenpaar</translation>
    </message>
    <message>
        <source>date and time</source>
        <translation>Datum und Zeit</translation>
    </message>
    <message>
        <source>days</source>
        <translation>Tage</translation>
    </message>
    <message>
        <source>deburring tool</source>
        <translation>Entgrater</translation>
    </message>
    <message>
        <source>degrees that it turns through</source>
        <translation>Grad, durch die es sich dreht</translation>
    </message>
    <message>
        <source>dielectric grease</source>
        <translation>Kontaktfett</translation>
    </message>
    <message>
        <source>dielectric grease, small tube</source>
        <translation>Kontaktfett, kleine Tube</translation>
    </message>
    <message>
        <source>digital video cable</source>
        <translation>digitales Videokabel</translation>
    </message>
    <message>
        <source>diode</source>
        <translation>Diode</translation>
    </message>
    <message>
        <source>disturbs others</source>
        <translation>stört andere</translation>
    </message>
    <message>
        <source>does not fit the format</source>
        <translation>passt nicht zum Format</translation>
    </message>
    <message>
        <source>does not protect the wire</source>
        <translation>schützt die Leitung nicht</translation>
    </message>
    <message>
        <source>dome nut and seal of the {opening}</source>
        <translation>Hutmutter und Dichtung von {opening}</translation>
    </message>
    <message>
        <source>dome nut and seal outside</source>
        <translation>Hutmutter und Dichtung außen</translation>
    </message>
    <message>
        <source>doubled {doubled}</source>
        <translation>verdoppelt {doubled}</translation>
    </message>
    <message>
        <source>drill</source>
        <translation>Bohrer</translation>
    </message>
    <message>
        <source>drill {drill}</source>
        <translation>{drill} bohren</translation>
    </message>
    <message>
        <source>drilling</source>
        <translation>Bohren</translation>
    </message>
    <message>
        <source>drivers for a differential pair, or fewer bits a second</source>
        <translation>Treiber für ein differentielles Paar oder weniger Bits je Sekunde</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>drop limit 0.05, joint crimp, metric, meter off by 0.005</source>
        <translation>drop limit 0.05, joint crimp, metric, meter off by 0.005</translation>
    </message>
    <message>
        <source>drop of hot glue</source>
        <translation>Tropfen Heißkleber</translation>
    </message>
    <message>
        <source>drop up to {drop_limit}</source>
        <translation>Abfall bis {drop_limit}</translation>
    </message>
    <message>
        <source>drop {drop_share}</source>
        <translation>Abfall {drop_share}</translation>
    </message>
    <message>
        <source>each fused: a short burns no wire</source>
        <translation>jede gesichert: ein Kurzschluss verbrennt keine Leitung</translation>
    </message>
    <message>
        <source>each its usual way</source>
        <translation>jede auf ihre übliche Art</translation>
    </message>
    <message>
        <source>each joint its own tube</source>
        <translation>jede Verbindung ihren Schlauch</translation>
    </message>
    <message>
        <source>each load its own</source>
        <translation>jedem Verbraucher seine</translation>
    </message>
    <message>
        <source>eight LFP cells</source>
        <translation>acht LFP-Zellen</translation>
    </message>
    <message>
        <source>eight lithium cells</source>
        <translation>acht Lithiumzellen</translation>
    </message>
    <message>
        <source>electrical tape</source>
        <translation>Isolierband</translation>
    </message>
    <message>
        <source>electrical tape, 20 m roll</source>
        <translation>Isolierband, Rolle mit 20 m</translation>
    </message>
    <message>
        <source>electronic diode {} A</source>
        <translation>elektronische Diode {} A</translation>
    </message>
    <message>
        <source>electronic remote switch {} A</source>
        <translation>elektronischer Fernschalter {} A</translation>
    </message>
    <message>
        <source>electronic switch {} A</source>
        <translation>elektronischer Schalter {} A</translation>
    </message>
    <message>
        <source>empty after {flat} of the day, in {ambient}</source>
        <translation>leer nach {flat} des Tages, in {ambient}</translation>
    </message>
    <message>
        <source>en</source>
        <translation>de</translation>
    </message>
    <message>
        <source>encased buck {} A</source>
        <translation>vergossener Abwärtswandler {} A</translation>
    </message>
    <message>
        <source>encased buck-boost {} V {} A</source>
        <translation>vergossener Auf-/Abwärtswandler {} V {} A</translation>
    </message>
    <message>
        <source>end</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>ends the day at {charge_left}; {short_name} needs {kept} in reserve, in {ambient}</source>
        <translation>hat am Ende des Tages {charge_left}, und {short_name} will {kept} behalten, in {ambient}</translation>
    </message>
    <message>
        <source>energy cells</source>
        <translation>Energiezellen</translation>
    </message>
    <message>
        <source>entry of the catalogue</source>
        <translation>Katalogeintrag</translation>
    </message>
    <message>
        <source>even {most_strings} in parallel: {why_not}</source>
        <translation>selbst {most_strings} parallel: {why_not}</translation>
    </message>
    <message>
        <source>every kind</source>
        <translation>jede Art</translation>
    </message>
    <message>
        <source>every lead</source>
        <translation>jeder Leitung</translation>
    </message>
    <message>
        <source>every length is known: cut and build on Build.</source>
        <translation>alle Längen bekannt: ab zum Bauen.</translation>
    </message>
    <message>
        <source>every load is wired: see on Power where it goes.</source>
        <translation>zu Leistung, alles ist verdrahtet.</translation>
    </message>
    <message>
        <source>every switch closed</source>
        <translation>alle Schalter geschlossen</translation>
    </message>
    <message>
        <source>every switch off</source>
        <translation>alle Schalter aus</translation>
    </message>
    <message>
        <source>every wire is protected: see on Routing how it runs.</source>
        <translation>alles gesichert: sieh unter Wege nach.</translation>
    </message>
    <message>
        <source>everything that plugs into it is in already</source>
        <translation>alles, was hineingesteckt wird, steckt schon</translation>
    </message>
    <message>
        <source>expanding braid</source>
        <translation>Geflechtschlauch</translation>
    </message>
    <message>
        <source>expect {window_text}</source>
        <translation>erwartet {window_text}</translation>
    </message>
    <message>
        <source>f0 = 1 ÷ 2π√(LC) = {resonance}; works above it.</source>
        <translation>f0 = 1 ÷ 2π√(LC) = {resonance}; wirkt darüber.</translation>
    </message>
    <message>
        <source>fabric</source>
        <translation>Stoff</translation>
    </message>
    <message>
        <source>fast</source>
        <translation>flink</translation>
    </message>
    <message>
        <source>feed of {source} +, meter in series</source>
        <translation>Zuleitung von {source} +, Messgerät in Reihe</translation>
    </message>
    <message>
        <source>feeds</source>
        <translation>Zuleitungen</translation>
    </message>
    <message>
        <source>feeds {part} with {continuous}</source>
        <translation>speist {part} mit {continuous}</translation>
    </message>
    <message>
        <source>ferrule</source>
        <translation>Aderendhülse</translation>
    </message>
    <message>
        <source>ferrule (best)</source>
        <translation>Aderendhülse (am besten)</translation>
    </message>
    <message>
        <source>ferrule in a screw terminal</source>
        <translation>Aderendhülse in Schraubklemme</translation>
    </message>
    <message>
        <source>ferrule pliers</source>
        <translation>Aderendhülsenzange</translation>
    </message>
    <message>
        <source>ferrule {} to {} mm²</source>
        <translation>Aderendhülse {} bis {} mm²</translation>
    </message>
    <message>
        <source>fewer bits a second: 100 m at 500 kbit/s</source>
        <translation>weniger Bits je Sekunde: 100 m bei 500 kbit/s</translation>
    </message>
    <message>
        <source>fewer modules; a filter may do</source>
        <translation>weniger Wandler; vielleicht genügt ein Filter</translation>
    </message>
    <message>
        <source>file or scraper</source>
        <translation>Feile oder Schaber</translation>
    </message>
    <message>
        <source>filter</source>
        <translation>Filter</translation>
    </message>
    <message>
        <source>finger-tight</source>
        <translation>fingerfest</translation>
    </message>
    <message>
        <source>fires once, by an ohm or two that glow</source>
        <translation>zündet einmal, durch ein, zwei Ohm, die glühen</translation>
    </message>
    <message>
        <source>first winding</source>
        <translation>erste Wicklung</translation>
    </message>
    <message>
        <source>fit a grommet or edging</source>
        <translation>setze eine Tülle oder einen Kantenschutz ein</translation>
    </message>
    <message>
        <source>five lithium cells</source>
        <translation>fünf Lithiumzellen</translation>
    </message>
    <message>
        <source>five-way lever clamp</source>
        <translation>Hebelklemme für fünf</translation>
    </message>
    <message>
        <source>fixed {} V buck board {} A</source>
        <translation>fester {}-V-Abwärtswandler {} A</translation>
    </message>
    <message>
        <source>flat pouch cell with its protection board</source>
        <translation>flache Pouchzelle mit Schutzplatine</translation>
    </message>
    <message>
        <source>flux</source>
        <translation>Flussmittel</translation>
    </message>
    <message>
        <source>flux: {flux}</source>
        <translation>Flussmittel: {flux}</translation>
    </message>
    <message>
        <source>foam</source>
        <translation>Schaum</translation>
    </message>
    <message>
        <source>for</source>
        <translation>für</translation>
    </message>
    <message>
        <source>for every load its own, or one for those that stand together</source>
        <translation>jedem Verbraucher seine, oder eine für die, die beieinanderstehen</translation>
    </message>
    <message>
        <source>for leads to {} mm</source>
        <translation>für Leitungen bis {} mm</translation>
    </message>
    <message>
        <source>for the {rating} fuse: two leads of {wire} to join, {lead_length} each</source>
        <translation>für die Sicherung {rating}: zwei Anschlüsse {wire} zu verbinden, {lead_length} je</translation>
    </message>
    <message>
        <source>for {part}</source>
        <translation>für {part}</translation>
    </message>
    <message>
        <source>forked barrel lead</source>
        <translation>gegabelte Hohlsteckerleitung</translation>
    </message>
    <message>
        <source>four LFP cells</source>
        <translation>vier LFP-Zellen</translation>
    </message>
    <message>
        <source>four lithium cells</source>
        <translation>vier Lithiumzellen</translation>
    </message>
    <message>
        <source>fourteen lithium cells</source>
        <translation>vierzehn Lithiumzellen</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>free depth it needs behind its panel</source>
        <translation>was es hinter seiner Blende frei braucht</translation>
    </message>
    <message>
        <source>free depth it needs behind that wall</source>
        <translation>was es hinter dieser Wand frei braucht</translation>
    </message>
    <message>
        <source>from above, 0 front to 1 rear</source>
        <translation>von oben, 0 vorn bis 1 hinten</translation>
    </message>
    <message>
        <source>from above, 0 left to 1 right</source>
        <translation>von oben, 0 links bis 1 rechts</translation>
    </message>
    <message>
        <source>from afar, by a coil of this feed's voltage</source>
        <translation>aus der Ferne, durch eine Spule mit der Spannung dieser Zuleitung</translation>
    </message>
    <message>
        <source>from afar: a thin wire to a small button or a receiver turns it on</source>
        <translation>aus der Ferne: ein dünner Draht zu einem kleinen Taster oder Empfänger schaltet ihn ein</translation>
    </message>
    <message>
        <source>from before its contact</source>
        <translation>von vor seinem Kontakt</translation>
    </message>
    <message>
        <source>from the front, {bore}</source>
        <translation>von vorn, {bore}</translation>
    </message>
    <message>
        <source>from the sheet before</source>
        <translation>vom Blatt davor</translation>
    </message>
    <message>
        <source>from the supply of {part}</source>
        <translation>von der Versorgung von {part}</translation>
    </message>
    <message>
        <source>from the way's beginning</source>
        <translation>vom Anfang des Weges</translation>
    </message>
    <message>
        <source>from where hands must get at it</source>
        <translation>von wo aus Hände herankommen müssen</translation>
    </message>
    <message>
        <source>from {of}, {length}: {left} left</source>
        <translation>aus {of}, {length}: {left} bleiben</translation>
    </message>
    <message>
        <source>from {part}</source>
        <translation>von {part}</translation>
    </message>
    <message>
        <source>front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>fuel</source>
        <translation>Kraftstoff</translation>
    </message>
    <message>
        <source>full sun, all loads off</source>
        <translation>volle Sonne, alle Verbraucher aus</translation>
    </message>
    <message>
        <source>full {opening}</source>
        <translation>volle Öffnung {opening}</translation>
    </message>
    <message>
        <source>fuse</source>
        <translation>Sicherung</translation>
    </message>
    <message>
        <source>fuse block</source>
        <translation>Sicherungsblock</translation>
    </message>
    <message>
        <source>fuse block of {} for mini blades</source>
        <translation>Sicherungsblock mit {} Plätzen für Mini-Flachsicherungen</translation>
    </message>
    <message>
        <source>fuse block of {} for standard blades</source>
        <translation>Sicherungsblock mit {} Plätzen für Flachsicherungen</translation>
    </message>
    <message>
        <source>fuse block of {} for standard blades {} V</source>
        <translation>Sicherungsblock mit {} Plätzen für Flachsicherungen {} V</translation>
    </message>
    <message>
        <source>fuse family “{family}” is not known: {known} are</source>
        <translation>Sicherungsfamilie „{family}“ ist nicht bekannt: es gibt {known}</translation>
    </message>
    <message>
        <source>fuse not known</source>
        <translation>Sicherung unbekannt</translation>
    </message>
    <message>
        <source>fuse tap for a micro blade slot</source>
        <translation>Sicherungsabgriff für Mikro-Flachsicherung</translation>
    </message>
    <message>
        <source>fuse tap for a mini blade slot</source>
        <translation>Sicherungsabgriff für Mini-Flachsicherung</translation>
    </message>
    <message>
        <source>fuse tap for a standard blade slot</source>
        <translation>Sicherungsabgriff für Flachsicherung</translation>
    </message>
    <message>
        <source>fuse to solder in</source>
        <translation>Sicherung zum Einlöten</translation>
    </message>
    <message>
        <source>fuse {rating}</source>
        <translation>Sicherung {rating}</translation>
    </message>
    <message>
        <source>fused test lead</source>
        <translation>abgesicherte Prüfleitung</translation>
    </message>
    <message>
        <source>gates of the family, log-log between them: {when} at the fast edge, {when_2} at the slow</source>
        <translation>Stützpunkte der Familie, dazwischen doppelt logarithmisch: {when} an der schnellen Kante, {when_2} an der langsamen</translation>
    </message>
    <message>
        <source>genderless two-pole {} A power connector</source>
        <translation>zwittriger zweipoliger Leistungsstecker {} A</translation>
    </message>
    <message>
        <source>getting ready</source>
        <translation>Vorbereiten</translation>
    </message>
    <message>
        <source>gives {pack_max_current} continuously</source>
        <translation>gibt dauernd {pack_max_current}</translation>
    </message>
    <message>
        <source>gland</source>
        <translation>Verschraubung</translation>
    </message>
    <message>
        <source>glass fuse {} × {} mm</source>
        <translation>Glassicherung {} × {} mm</translation>
    </message>
    <message>
        <source>glass tube fuse {} × {} mm</source>
        <translation>Glasrohrsicherung {} × {} mm</translation>
    </message>
    <message>
        <source>glue</source>
        <translation>Kleber</translation>
    </message>
    <message>
        <source>glued round its rim</source>
        <translation>rundum geklebt</translation>
    </message>
    <message>
        <source>gluing</source>
        <translation>Kleben</translation>
    </message>
    <message>
        <source>goes on</source>
        <translation>geht weiter</translation>
    </message>
    <message>
        <source>green</source>
        <translation>grün</translation>
    </message>
    <message>
        <source>grey</source>
        <translation>grau</translation>
    </message>
    <message>
        <source>grommet</source>
        <translation>Tülle</translation>
    </message>
    <message>
        <source>guide wire</source>
        <translation>Einziehdraht</translation>
    </message>
    <message>
        <source>half as much again</source>
        <translation>die Hälfte mehr</translation>
    </message>
    <message>
        <source>half as much again as it must give, air around it, or a second one</source>
        <translation>die Hälfte mehr, als er geben muss, Luft ringsum, oder ein zweiter</translation>
    </message>
    <message>
        <source>half as much again: cooler, with room for more</source>
        <translation>die Hälfte mehr: kühl, und Platz für mehr</translation>
    </message>
    <message>
        <source>hand</source>
        <translation>Vorrat</translation>
    </message>
    <message>
        <source>hands off until it has set</source>
        <translation>Hände weg, bis es fest ist</translation>
    </message>
    <message>
        <source>hardly differs from {summary}</source>
        <translation>unterscheidet sich kaum von {summary}</translation>
    </message>
    <message>
        <source>has a switch of its own</source>
        <translation>hat einen eigenen Schalter</translation>
    </message>
    <message>
        <source>heat balance in free air at {air}{high|, {altitude:.0f} m up|}{sleeved|, in a sleeve of {sleeve}|}: {free_air} brings the conductor to {most}</source>
        <translation>Wärmebilanz in freier Luft bei {air}{high|, {altitude:.0f} m hoch|}{sleeved|, in einem Schlauch von {sleeve}|}: {free_air} bringt den Leiter auf {most}</translation>
    </message>
    <message>
        <source>heat elsewhere</source>
        <translation>Wärme anderswo</translation>
    </message>
    <message>
        <source>heat sink</source>
        <translation>Kühlkörper</translation>
    </message>
    <message>
        <source>heat source</source>
        <translation>Wärmequelle</translation>
    </message>
    <message>
        <source>heat source with a reflector</source>
        <translation>Wärmequelle mit Reflektor</translation>
    </message>
    <message>
        <source>heavy copper</source>
        <translation>starkes Kupfer</translation>
    </message>
    <message>
        <source>high</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>high breaking capacity</source>
        <translation>hohes Ausschaltvermögen</translation>
    </message>
    <message>
        <source>high, to make up for the drop</source>
        <translation>hoch, gegen den Abfall</translation>
    </message>
    <message>
        <source>highest ambient temperature</source>
        <translation>höchste Umgebungstemperatur</translation>
    </message>
    <message>
        <source>highest on the supply core of a cable that does not feed</source>
        <translation>das Höchste auf der Versorgungsader eines Kabels, das nicht speist</translation>
    </message>
    <message>
        <source>hinge</source>
        <translation>Scharnier</translation>
    </message>
    <message>
        <source>hobby gear: four or five small round cells, or two LFP</source>
        <translation>Modellbau: vier oder fünf kleine Rundzellen oder zwei LFP</translation>
    </message>
    <message>
        <source>hold it off or sleeve it, and say how hot it gets</source>
        <translation>halte sie fern oder gib ihr einen Schlauch, und sag, wie heiß es wird</translation>
    </message>
    <message>
        <source>hold the button {time} before you plug or switch on: {current} instead of a spark</source>
        <translation>halte den Taster {time}, ehe du einsteckst oder einschaltest: {current} statt eines Funkens</translation>
    </message>
    <message>
        <source>holder for a {family}</source>
        <translation>Halter für eine {family}</translation>
    </message>
    <message>
        <source>holder of the {fuse}</source>
        <translation>Halter für {fuse}</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>hole {cutout}</source>
        <translation>Loch {cutout}</translation>
    </message>
    <message>
        <source>hook-and-loop strap with buckle</source>
        <translation>Klettband mit Schnalle</translation>
    </message>
    <message>
        <source>hook-and-loop strap with buckle, 20 mm</source>
        <translation>Klettband mit Schnalle, 20 mm</translation>
    </message>
    <message>
        <source>hot air</source>
        <translation>Heißluft</translation>
    </message>
    <message>
        <source>hot air, 300 °C at the nozzle</source>
        <translation>Heißluft, 300 °C an der Düse</translation>
    </message>
    <message>
        <source>hot glue</source>
        <translation>Heißkleber</translation>
    </message>
    <message>
        <source>hot glue gun</source>
        <translation>Heißklebepistole</translation>
    </message>
    <message>
        <source>hot glue stick</source>
        <translation>Heißklebestift</translation>
    </message>
    <message>
        <source>hot glue, pressed flat</source>
        <translation>Heißkleber, flach gedrückt</translation>
    </message>
    <message>
        <source>hot place</source>
        <translation>heiße Stelle</translation>
    </message>
    <message>
        <source>hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>hours of a good day</source>
        <translation>Stunden eines guten Tages</translation>
    </message>
    <message>
        <source>hours of full sun that a poor day is worth</source>
        <translation>Stunden voller Sonne, die ein schlechter Tag wert ist</translation>
    </message>
    <message>
        <source>hours of sun belong to a panel, up to 24 a day</source>
        <translation>Sonnenstunden gehören zu einem Panel, bis 24 am Tag</translation>
    </message>
    <message>
        <source>how far it stands out in front of the wall</source>
        <translation>wie weit es vor der Wand vorsteht</translation>
    </message>
    <message>
        <source>how far its charge lies below the plan's, 0 to 1</source>
        <translation>wie weit seine Ladung unter der des Plans liegt, 0 bis 1</translation>
    </message>
    <message>
        <source>how far off leads lie from it</source>
        <translation>wie weit Leitungen davon entfernt liegen</translation>
    </message>
    <message>
        <source>how hot it gets there</source>
        <translation>wie heiß es dort wird</translation>
    </message>
    <message>
        <source>how it draws</source>
        <translation>wie er zieht</translation>
    </message>
    <message>
        <source>how large they are chosen</source>
        <translation>wie groß sie gewählt werden</translation>
    </message>
    <message>
        <source>how long</source>
        <translation>wie lange</translation>
    </message>
    <message>
        <source>how long it takes</source>
        <translation>wie lange es dauert</translation>
    </message>
    <message>
        <source>how long that takes</source>
        <translation>wie lange das dauert</translation>
    </message>
    <message>
        <source>how many it takes at once</source>
        <translation>wie viele es zugleich nimmt</translation>
    </message>
    <message>
        <source>how many there are</source>
        <translation>wie viele es sind</translation>
    </message>
    <message>
        <source>how much it is shaken</source>
        <translation>wie rau damit umgegangen wird</translation>
    </message>
    <message>
        <source>how much of it is expected behind “{load}”, such as 0.6</source>
        <translation>hinter „{load}“ wird der Anteil erwartet, etwa 0.6</translation>
    </message>
    <message>
        <source>how often its phases are gone through in a day</source>
        <translation>wie oft seine Phasen an einem Tag durchlaufen werden</translation>
    </message>
    <message>
        <source>how they are made</source>
        <translation>wie sie gemacht werden</translation>
    </message>
    <message>
        <source>how thick a thing is that room is kept for</source>
        <translation>wie dick etwas ist, wofür Platz bleibt</translation>
    </message>
    <message>
        <source>how thick a thing is that runs through it already</source>
        <translation>wie dick etwas ist, das schon hindurchläuft</translation>
    </message>
    <message>
        <source>how wires meet in it</source>
        <translation>wie sich Drähte darin treffen</translation>
    </message>
    <message>
        <source>hub</source>
        <translation>Verteiler</translation>
    </message>
    <message>
        <source>idle</source>
        <translation>Leerlauf</translation>
    </message>
    <message>
        <source>igniter</source>
        <translation>Zünder</translation>
    </message>
    <message>
        <source>igniter unplugged, a lamp in its place, armed and fired</source>
        <translation>Zünder abgesteckt, eine Lampe an seiner Stelle, scharf und gezündet</translation>
    </message>
    <message>
        <source>igniters unplugged</source>
        <translation>Zünder abgesteckt</translation>
    </message>
    <message>
        <source>in AWG and in mm²</source>
        <translation>in AWG und in mm²</translation>
    </message>
    <message>
        <source>in an opening of {cutout}</source>
        <translation>in eine Öffnung von {cutout}</translation>
    </message>
    <message>
        <source>in feet and inches</source>
        <translation>in Fuß und Zoll</translation>
    </message>
    <message>
        <source>in front: its flange</source>
        <translation>vorn: sein Flansch</translation>
    </message>
    <message>
        <source>in front: its nut</source>
        <translation>vorn: seine Mutter</translation>
    </message>
    <message>
        <source>in its braid</source>
        <translation>in ihrem Geflecht</translation>
    </message>
    <message>
        <source>in its sheath</source>
        <translation>in ihrem Mantel</translation>
    </message>
    <message>
        <source>in its tube</source>
        <translation>in ihrem Schlauch</translation>
    </message>
    <message>
        <source>in line</source>
        <translation>in der Leitung</translation>
    </message>
    <message>
        <source>in metres and millimetres</source>
        <translation>in Metern und Millimetern</translation>
    </message>
    <message>
        <source>in parallel</source>
        <translation>parallel</translation>
    </message>
    <message>
        <source>in series</source>
        <translation>in Reihe</translation>
    </message>
    <message>
        <source>in the air</source>
        <translation>in der Luft</translation>
    </message>
    <message>
        <source>in the air around it</source>
        <translation>in der Luft ringsum</translation>
    </message>
    <message>
        <source>in the clip that is there</source>
        <translation>im Clip, der schon da ist</translation>
    </message>
    <message>
        <source>in the coil's return</source>
        <translation>in der Rückleitung der Spule</translation>
    </message>
    <message>
        <source>in the instant of starting</source>
        <translation>im Augenblick des Anlaufens</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>in der Mitte</translation>
    </message>
    <message>
        <source>in the middle of the window</source>
        <translation>in die Mitte des Fensters</translation>
    </message>
    <message>
        <source>in the place of the igniters</source>
        <translation>an der Stelle der Zünder</translation>
    </message>
    <message>
        <source>in the reading's unit</source>
        <translation>in der Einheit der Messung</translation>
    </message>
    <message>
        <source>in the reverse of how it was opened</source>
        <translation>in umgekehrter Folge, wie es geöffnet wurde</translation>
    </message>
    <message>
        <source>in the sleeve</source>
        <translation>im Verbinder</translation>
    </message>
    <message>
        <source>in the slot of {source}: its fuse and the {rating} one side by side</source>
        <translation>im Steckplatz von {source}: seine Sicherung und {rating} nebeneinander</translation>
    </message>
    <message>
        <source>in words</source>
        <translation>in Worten</translation>
    </message>
    <message>
        <source>in-line blade holder</source>
        <translation>Leitungshalter für Flachsicherungen</translation>
    </message>
    <message>
        <source>in-line large blade holder</source>
        <translation>Leitungshalter für große Flachsicherungen</translation>
    </message>
    <message>
        <source>in-line micro blade holder</source>
        <translation>Leitungshalter für Mikro-Flachsicherungen</translation>
    </message>
    <message>
        <source>in-line mini blade holder</source>
        <translation>Leitungshalter für Mini-Flachsicherungen</translation>
    </message>
    <message>
        <source>in-line {} × {} mm holder</source>
        <translation>Leitungshalter {} × {} mm</translation>
    </message>
    <message>
        <source>inductance, capacitance and the frequency to keep away must be above 0</source>
        <translation>Induktivität, Kapazität und die fernzuhaltende Frequenz müssen über 0 liegen</translation>
    </message>
    <message>
        <source>inrush</source>
        <translation>Einschaltstrom</translation>
    </message>
    <message>
        <source>insulation “{insulation}” is not known: {known} are</source>
        <translation>Isolierung „{insulation}“ ist nicht bekannt: es gibt {known}</translation>
    </message>
    <message>
        <source>internal resistance over that of a new pack</source>
        <translation>Innenwiderstand gegen den eines neuen Akkus</translation>
    </message>
    <message>
        <source>iron</source>
        <translation>Kolben</translation>
    </message>
    <message>
        <source>iron of 60 W</source>
        <translation>Lötkolben von 60 W</translation>
    </message>
    <message>
        <source>iron of 60 W, 5 mm tip</source>
        <translation>Lötkolben mit 60 W, Spitze 5 mm</translation>
    </message>
    <message>
        <source>iron of 60 W, 5 mm tip, or a small torch</source>
        <translation>Kolben mit 60 W, Spitze 5 mm, oder ein kleiner Brenner</translation>
    </message>
    <message>
        <source>iron of 80 W, 8 mm tip</source>
        <translation>Lötkolben 80 W, Spitze 8 mm</translation>
    </message>
    <message>
        <source>iron with a big tip</source>
        <translation>Kolben mit großer Spitze</translation>
    </message>
    <message>
        <source>is disturbed</source>
        <translation>wird gestört</translation>
    </message>
    <message>
        <source>is shaken hard</source>
        <translation>stark gerüttelt wird</translation>
    </message>
    <message>
        <source>isolated module {} V {} A</source>
        <translation>galvanisch getrennter Wandler {} V {} A</translation>
    </message>
    <message>
        <source>it draws nothing; type a current or a power</source>
        <translation>er zieht nichts; tippe einen Strom oder eine Leistung</translation>
    </message>
    <message>
        <source>it draws up to {drawn} at {nominal}, and the strongest converter in the catalogue is derated to {strongest}</source>
        <translation>es zieht bis zu {drawn} bei {nominal}, und dem stärksten Wandler des Katalogs werden {strongest} zugetraut</translation>
    </message>
    <message>
        <source>it flies: mass matters, and losing power means a crash</source>
        <translation>Masse zählt, und ein Ausfall ist ein Absturz</translation>
    </message>
    <message>
        <source>it has its own line from the pack already</source>
        <translation>es hat schon seine eigene Leitung vom Akku</translation>
    </message>
    <message>
        <source>it has no voltage; type one, such as 12 V</source>
        <translation>er hat keine Spannung; tippe eine, etwa 12 V</translation>
    </message>
    <message>
        <source>it has {capacitance}</source>
        <translation>er hat {capacitance}</translation>
    </message>
    <message>
        <source>it is a {source} already</source>
        <translation>es ist schon {source}</translation>
    </message>
    <message>
        <source>it is above the high limit</source>
        <translation>es liegt über high</translation>
    </message>
    <message>
        <source>it is not wired yet</source>
        <translation>es ist noch nicht verdrahtet</translation>
    </message>
    <message>
        <source>it makes no difference with these loads</source>
        <translation>bei diesen Verbrauchern macht es keinen Unterschied</translation>
    </message>
    <message>
        <source>it minds which way round it is</source>
        <translation>es kommt darauf an, wie herum</translation>
    </message>
    <message>
        <source>it needs {continuous} (peak {peak}) at {volts}, and the strongest converter is derated to {strongest}</source>
        <translation>es braucht {continuous} (Spitze {peak}) bei {volts}, und dem stärksten Wandler traut man {strongest} zu</translation>
    </message>
    <message>
        <source>it needs {lowest}, and everything from 60 V up is outside this tool</source>
        <translation>er will {lowest}, und alles ab 60 V liegt außerhalb dieses Werkzeugs</translation>
    </message>
    <message>
        <source>it runs on {part}, which the pack cannot give</source>
        <translation>es läuft mit {part}, was der Akku nicht geben kann</translation>
    </message>
    <message>
        <source>it runs out too soon</source>
        <translation>es endet zu früh</translation>
    </message>
    <message>
        <source>item</source>
        <translation>Teil in einer Leitung</translation>
    </message>
    <message>
        <source>its bare board lies in a wide tube</source>
        <translation>seine blanke Platine liegt in einem weiten Schlauch</translation>
    </message>
    <message>
        <source>its capacity is missing, such as 35 Ah</source>
        <translation>seine Kapazität fehlt, etwa 35 Ah</translation>
    </message>
    <message>
        <source>its capacity over that of the others</source>
        <translation>ihre Kapazität gegen die der anderen</translation>
    </message>
    <message>
        <source>its coil by its print</source>
        <translation>seine Spule nach dem Aufdruck</translation>
    </message>
    <message>
        <source>its date: 2026-12-05</source>
        <translation>sein Datum: 2026-12-05</translation>
    </message>
    <message>
        <source>its feed open at one end{warm|, hot air from a hand away until past {at}, slowly|}</source>
        <translation>seine Zuleitung an einem Ende offen{warm|, Heißluft aus einer Handbreit, langsam, bis über {at}|}</translation>
    </message>
    <message>
        <source>its figures are typical, not measured</source>
        <translation>seine Werte sind üblich, nicht gemessen</translation>
    </message>
    <message>
        <source>its first terminal</source>
        <translation>seine erste Klemme</translation>
    </message>
    <message>
        <source>its flat side as printed, legs by its sheet</source>
        <translation>seine flache Seite wie aufgedruckt, Beine nach seinem Blatt</translation>
    </message>
    <message>
        <source>its fuse in, load off</source>
        <translation>seine Sicherung drin, Verbraucher aus</translation>
    </message>
    <message>
        <source>its height over its width</source>
        <translation>ihre Höhe über ihrer Breite</translation>
    </message>
    <message>
        <source>its height, in shares of its side</source>
        <translation>ihre Höhe, in Anteilen der Ansicht</translation>
    </message>
    <message>
        <source>its highest voltage</source>
        <translation>ihre höchste Spannung</translation>
    </message>
    <message>
        <source>its joint is not chosen yet</source>
        <translation>seine Verbindung ist noch nicht gewählt</translation>
    </message>
    <message>
        <source>its key as printed</source>
        <translation>seine Nase wie aufgedruckt</translation>
    </message>
    <message>
        <source>its lead</source>
        <translation>seiner Leitung</translation>
    </message>
    <message>
        <source>its left edge, 0 left to 1 right</source>
        <translation>ihre linke Kante, 0 links bis 1 rechts</translation>
    </message>
    <message>
        <source>its length is that of its line on the picture</source>
        <translation>seine Länge ist die seiner Linie auf dem Bild</translation>
    </message>
    <message>
        <source>its length to the tap, one way</source>
        <translation>ihre Länge bis zum Abgriff, ein Weg</translation>
    </message>
    <message>
        <source>its loads off, then one after the other</source>
        <translation>seine Verbraucher aus, dann einer nach dem anderen</translation>
    </message>
    <message>
        <source>its lowest voltage</source>
        <translation>ihre niedrigste Spannung</translation>
    </message>
    <message>
        <source>its minimum voltage, {lowest}, is above its maximum, {highest}</source>
        <translation>seine kleinste Spannung, {lowest}, liegt über seiner größten, {highest}</translation>
    </message>
    <message>
        <source>its mode cannot be kept</source>
        <translation>ihre Rechte lassen sich nicht erhalten</translation>
    </message>
    <message>
        <source>its notch as on the board's print</source>
        <translation>seine Kerbe wie auf dem Aufdruck der Platine</translation>
    </message>
    <message>
        <source>its openings outwards</source>
        <translation>seine Öffnungen nach außen</translation>
    </message>
    <message>
        <source>its outer diameter over that, measured</source>
        <translation>ihr Außendurchmesser darüber, gemessen</translation>
    </message>
    <message>
        <source>its own feed from where its voltage is</source>
        <translation>eine eigene Zuleitung von dort, wo seine Spannung ist</translation>
    </message>
    <message>
        <source>its own output</source>
        <translation>seinem eigenen Ausgang</translation>
    </message>
    <message>
        <source>its pin 1 at the square pad</source>
        <translation>sein Pin 1 am eckigen Lötauge</translation>
    </message>
    <message>
        <source>its plug</source>
        <translation>sein Stecker</translation>
    </message>
    <message>
        <source>its plugs and its card</source>
        <translation>seine Stecker und seine Karte</translation>
    </message>
    <message>
        <source>its screw and its plugs</source>
        <translation>seine Schraube und seine Stecker</translation>
    </message>
    <message>
        <source>its second terminal</source>
        <translation>seine zweite Klemme</translation>
    </message>
    <message>
        <source>its source</source>
        <translation>seine Quelle</translation>
    </message>
    <message>
        <source>its switch open</source>
        <translation>sein Schalter offen</translation>
    </message>
    <message>
        <source>its third terminal</source>
        <translation>seine dritte Klemme</translation>
    </message>
    <message>
        <source>its upper edge, 0 to 1</source>
        <translation>ihre obere Kante, 0 bis 1</translation>
    </message>
    <message>
        <source>its volts are missing, such as 12 V or 11–14.6 V</source>
        <translation>seine Volt fehlen, etwa 12 V oder 11–14.6 V</translation>
    </message>
    <message>
        <source>its watts in full sun are missing, such as 20 W</source>
        <translation>seine Watt bei voller Sonne fehlen, etwa 20 W</translation>
    </message>
    <message>
        <source>its width, in shares of its side</source>
        <translation>ihre Breite, in Anteilen der Ansicht</translation>
    </message>
    <message>
        <source>its winding</source>
        <translation>seine Wicklung</translation>
    </message>
    <message>
        <source>itself</source>
        <translation>sich selbst</translation>
    </message>
    <message>
        <source>joint to the shared return</source>
        <translation>Verbindung zur gemeinsamen Rückleitung</translation>
    </message>
    <message>
        <source>joints</source>
        <translation>Verbindungen</translation>
    </message>
    <message>
        <source>joints {sign}</source>
        <translation>Verbindungen {sign}</translation>
    </message>
    <message>
        <source>keeps both its plugs</source>
        <translation>behält beide Stecker</translation>
    </message>
    <message>
        <source>keeps its plug at {part}</source>
        <translation>behält den Stecker an {part}</translation>
    </message>
    <message>
        <source>keeps its volts steady, too; its own ripple instead</source>
        <translation>hält auch die Spannung ruhig; stattdessen die eigene Welligkeit</translation>
    </message>
    <message>
        <source>kelvin over the air that this gets at work</source>
        <translation>Kelvin über der Luft, die das bei der Arbeit erreicht</translation>
    </message>
    <message>
        <source>key of a step that comes first</source>
        <translation>Schlüssel eines Schritts, der vorher kommt</translation>
    </message>
    <message>
        <source>key of a step that waits for it</source>
        <translation>Schlüssel eines Schritts, der darauf wartet</translation>
    </message>
    <message>
        <source>key of the step</source>
        <translation>Schlüssel des Schritts</translation>
    </message>
    <message>
        <source>key of the step or reading, or a part</source>
        <translation>Schlüssel des Schritts oder der Messung, oder ein Teil</translation>
    </message>
    <message>
        <source>key off, its fuse out</source>
        <translation>Schlüssel aus, seine Sicherung heraus</translation>
    </message>
    <message>
        <source>key on, its fuse out</source>
        <translation>Schlüssel an, seine Sicherung heraus</translation>
    </message>
    <message>
        <source>key switch {} A</source>
        <translation>Schlüsselschalter {} A</translation>
    </message>
    <message>
        <source>kind of joint</source>
        <translation>Verbindungsart</translation>
    </message>
    <message>
        <source>knot</source>
        <translation>Knoten</translation>
    </message>
    <message>
        <source>knot of waxed cord</source>
        <translation>Knoten aus Wachsschnur</translation>
    </message>
    <message>
        <source>label “{lead_label}”</source>
        <translation>Schild „{lead_label}“</translation>
    </message>
    <message>
        <source>label: {label}</source>
        <translation>Etikett: {label}</translation>
    </message>
    <message>
        <source>labels</source>
        <translation>Schilder</translation>
    </message>
    <message>
        <source>lamp</source>
        <translation>Lampe</translation>
    </message>
    <message>
        <source>lamp data line</source>
        <translation>Lampen-Datenleitung</translation>
    </message>
    <message>
        <source>lamp with clips</source>
        <translation>Lampe mit Klemmen</translation>
    </message>
    <message>
        <source>lamp, or a 2 A fuse</source>
        <translation>Lampe oder 2-A-Sicherung</translation>
    </message>
    <message>
        <source>large blade fuse</source>
        <translation>große Flachsicherung</translation>
    </message>
    <message>
        <source>larger than 64 MiB, which no plan or table is</source>
        <translation>größer als 64 MiB, was kein Plan und keine Tabelle ist</translation>
    </message>
    <message>
        <source>largest that protects</source>
        <translation>die größte, die schützt</translation>
    </message>
    <message>
        <source>lasts {lasts}</source>
        <translation>hält {lasts}</translation>
    </message>
    <message>
        <source>latching</source>
        <translation>rastend</translation>
    </message>
    <message>
        <source>latching relay {} A</source>
        <translation>bistabiles Relais {} A</translation>
    </message>
    <message>
        <source>lead</source>
        <translation>Leitung</translation>
    </message>
    <message>
        <source>lead of {source}</source>
        <translation>Leitung von {source}</translation>
    </message>
    <message>
        <source>lead soldered to the copper bar of a power board</source>
        <translation>Leitung an der Kupferschiene einer Leistungsplatine verlötet</translation>
    </message>
    <message>
        <source>lead-acid AGM</source>
        <translation>Blei-AGM</translation>
    </message>
    <message>
        <source>leads of its holder</source>
        <translation>Anschlüsse des Halters</translation>
    </message>
    <message>
        <source>leads of its own</source>
        <translation>eigene Anschlüsse</translation>
    </message>
    <message>
        <source>leads of the {holder}</source>
        <translation>Anschlüsse von {holder}</translation>
    </message>
    <message>
        <source>least loss</source>
        <translation>geringster Verlust</translation>
    </message>
    <message>
        <source>least wire; two fuses, the old one and its own</source>
        <translation>am wenigsten Leitung; zwei Sicherungen, die alte und die eigene</translation>
    </message>
    <message>
        <source>legs by its sheet: alike cases have them in other orders</source>
        <translation>Beine nach seinem Blatt: Gleiche Gehäuse haben sie in anderer Reihenfolge</translation>
    </message>
    <message>
        <source>length of each of its own leads as cut</source>
        <translation>Länge jedes eigenen Anschlusses, wie geschnitten</translation>
    </message>
    <message>
        <source>length that it came with</source>
        <translation>Länge, mit der sie geliefert wurde</translation>
    </message>
    <message>
        <source>less noise; one more part</source>
        <translation>sauber; ein Teil mehr</translation>
    </message>
    <message>
        <source>less noise; one more to charge and watch</source>
        <translation>sauber; einer mehr zu laden und zu beachten</translation>
    </message>
    <message>
        <source>less wire, one more block</source>
        <translation>weniger Leitung, ein Verteiler mehr</translation>
    </message>
    <message>
        <source>lever</source>
        <translation>Hebel</translation>
    </message>
    <message>
        <source>lever and screw terminals: quick to undo, bulkier, loosen under vibration</source>
        <translation>Hebel- und Schraubklemmen: in einer Minute gelöst, größer, lockerer beim Schütteln</translation>
    </message>
    <message>
        <source>lever clamp for many</source>
        <translation>Hebelklemme für viele</translation>
    </message>
    <message>
        <source>lever clamp for three wires</source>
        <translation>Hebelklemme für drei Drähte</translation>
    </message>
    <message>
        <source>lever connector {} A</source>
        <translation>Hebelklemme {} A</translation>
    </message>
    <message>
        <source>lever or push-in clamp</source>
        <translation>Hebel- oder Steckklemme</translation>
    </message>
    <message>
        <source>light</source>
        <translation>hell</translation>
    </message>
    <message>
        <source>light; drops some tens of mV</source>
        <translation>leicht; nimmt einige zehn mV</translation>
    </message>
    <message>
        <source>lighter</source>
        <translation>Feuerzeug</translation>
    </message>
    <message>
        <source>lighter; tunes out one band</source>
        <translation>leichter; nimmt ein Band heraus</translation>
    </message>
    <message>
        <source>lightest</source>
        <translation>am leichtesten</translation>
    </message>
    <message>
        <source>lights one way</source>
        <translation>leuchtet in einer Richtung</translation>
    </message>
    <message>
        <source>lights, + to +</source>
        <translation>leuchtet, + an +</translation>
    </message>
    <message>
        <source>line {line}: no column is called {quantities}</source>
        <translation>Zeile {line}: keine Spalte heißt {quantities}</translation>
    </message>
    <message>
        <source>line {line}: time does not rise after {time} s</source>
        <translation>Zeile {line}: die Zeit steigt nach {time} s nicht</translation>
    </message>
    <message>
        <source>line {line}: “{cells}” is not a {quantities}</source>
        <translation>Zeile {line}: „{cells}“ ist nicht {quantities}</translation>
    </message>
    <message>
        <source>linear regulator {} A</source>
        <translation>Linearregler {} A</translation>
    </message>
    <message>
        <source>list what must run, on Loads.</source>
        <translation>unter Verbraucher aufzählen, was laufen muss.</translation>
    </message>
    <message>
        <source>lit rocker switch {} A</source>
        <translation>beleuchteter Wippschalter {} A</translation>
    </message>
    <message>
        <source>lithium iron phosphate</source>
        <translation>Lithium-Eisenphosphat</translation>
    </message>
    <message>
        <source>lithium-polymer pouch</source>
        <translation>Lithium-Polymer-Pouch</translation>
    </message>
    <message>
        <source>live with the key alone</source>
        <translation>nur mit dem Schlüssel unter Spannung</translation>
    </message>
    <message>
        <source>load</source>
        <translation>Verbraucher</translation>
    </message>
    <message>
        <source>load Horn 12 V 2 A, at Mast foot   ·   hub Tail studs, strip   ·   lead Hub → Horn, 0.8 m</source>
        <translation>load Horn 12 V 2 A, at Mast foot   ·   hub Tail studs, strip   ·   lead Hub → Horn, 0.8 m</translation>
    </message>
    <message>
        <source>load off</source>
        <translation>Verbraucher aus</translation>
    </message>
    <message>
        <source>lock nut inside</source>
        <translation>Gegenmutter innen</translation>
    </message>
    <message>
        <source>lock nut of the {opening}</source>
        <translation>Gegenmutter von {opening}</translation>
    </message>
    <message>
        <source>locked nuts, marked with paint, tugged</source>
        <translation>gesicherte Muttern, mit Lack markiert, daran gezogen</translation>
    </message>
    <message>
        <source>log</source>
        <translation>Eintrag</translation>
    </message>
    <message>
        <source>long and thin wire drops too much at the far end</source>
        <translation>lang und dünn lässt das ferne Ende hungern</translation>
    </message>
    <message>
        <source>look: a stripe or a plus makes it one that has a right way round</source>
        <translation>hinsehen: Ein Streifen oder ein Plus macht ihn zu einem mit richtiger Richtung</translation>
    </message>
    <message>
        <source>looked over</source>
        <translation>durchgesehen</translation>
    </message>
    <message>
        <source>losing it means a crash or worse</source>
        <translation>sein Verlust ist ein Absturz oder schlimmer</translation>
    </message>
    <message>
        <source>loss budget, typical</source>
        <translation>Dämpfungsbudget, typisch</translation>
    </message>
    <message>
        <source>low standby</source>
        <translation>kleiner Ruhestrom</translation>
    </message>
    <message>
        <source>low-drop linear regulator {} A</source>
        <translation>Low-Drop-Linearregler {} A</translation>
    </message>
    <message>
        <source>low-dropout regulator {} A</source>
        <translation>Low-Drop-Regler {} A</translation>
    </message>
    <message>
        <source>lowest</source>
        <translation>Tiefststand</translation>
    </message>
    <message>
        <source>lowest ambient temperature</source>
        <translation>niedrigste Umgebungstemperatur</translation>
    </message>
    <message>
        <source>lowest resistance at high current; twice the work, and stiff behind the barrel</source>
        <translation>der kleinste Widerstand bei hohem Strom; doppelte Arbeit, und steif hinter der Hülse</translation>
    </message>
    <message>
        <source>magnetic blow-out</source>
        <translation>magnetische Funkenlöschung</translation>
    </message>
    <message>
        <source>magnetic reed switch {} A</source>
        <translation>Reedschalter {} A</translation>
    </message>
    <message>
        <source>magnetic sensor</source>
        <translation>Magnetsensor</translation>
    </message>
    <message>
        <source>magnifying glass</source>
        <translation>Lupe</translation>
    </message>
    <message>
        <source>mass</source>
        <translation>Masse</translation>
    </message>
    <message>
        <source>measure {lead}{decides|, which decides its wire|}; {lengths} {lengths|length is|lengths are} guessed.</source>
        <translation>{lead} messen{decides|, was ihre Leitung entscheidet|}; {lengths} {lengths|Länge ist|Längen sind} geschätzt.</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>measured, one way</source>
        <translation>gemessen, ein Weg</translation>
    </message>
    <message>
        <source>measuring shunt {} A</source>
        <translation>Messwiderstand {} A</translation>
    </message>
    <message>
        <source>meets</source>
        <translation>trifft auf</translation>
    </message>
    <message>
        <source>mend {cautions} {cautions|caution|cautions} (F8).</source>
        <translation>{cautions} {cautions|Warnung|Warnungen} beheben (F8).</translation>
    </message>
    <message>
        <source>mend {dangers} {dangers|danger|dangers} (F8).</source>
        <translation>{dangers} {dangers|Gefahr|Gefahren} beheben (F8).</translation>
    </message>
    <message>
        <source>metal</source>
        <translation>Metall</translation>
    </message>
    <message>
        <source>meter</source>
        <translation>Messgerät</translation>
    </message>
    <message>
        <source>micro blade fuse</source>
        <translation>Mikro-Flachsicherung</translation>
    </message>
    <message>
        <source>micro buck module {} A</source>
        <translation>Mikro-Abwärtswandler {} A</translation>
    </message>
    <message>
        <source>micro buck-boost {} V {} A</source>
        <translation>Mikro-Auf-/Abwärtswandler {} V {} A</translation>
    </message>
    <message>
        <source>mini blade fuse</source>
        <translation>Mini-Flachsicherung</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>minutes that there are</source>
        <translation>verfügbare Minuten</translation>
    </message>
    <message>
        <source>minutes to wait after it</source>
        <translation>Minuten, die danach zu warten sind</translation>
    </message>
    <message>
        <source>mm²</source>
        <translation>mm²</translation>
    </message>
    <message>
        <source>modules and wires as computed</source>
        <translation>Wandler und Leitungen wie berechnet</translation>
    </message>
    <message>
        <source>more than 500 cables are no bundle</source>
        <translation>mehr als 500 Kabel sind kein Bündel</translation>
    </message>
    <message>
        <source>more than a year</source>
        <translation>mehr als ein Jahr</translation>
    </message>
    <message>
        <source>more than one {kind} is called “{name}”: say # and the id of the one</source>
        <translation>mehr als eines ({kind}) heißt „{name}“: schreibe # und die Kennung des gemeinten</translation>
    </message>
    <message>
        <source>motor</source>
        <translation>Motor</translation>
    </message>
    <message>
        <source>motor controller servo output {} A</source>
        <translation>Servoausgang des Motorstellers {} A</translation>
    </message>
    <message>
        <source>motor controller {} V output</source>
        <translation>{}-V-Ausgang des Motorstellers</translation>
    </message>
    <message>
        <source>motor controller {} V output {} A</source>
        <translation>{}-V-Ausgang des Motorstellers {} A</translation>
    </message>
    <message>
        <source>motor phases</source>
        <translation>Motorphasen</translation>
    </message>
    <message>
        <source>motors without load, then loaded</source>
        <translation>Motoren unbelastet, dann belastet</translation>
    </message>
    <message>
        <source>mounting tape</source>
        <translation>Montageband</translation>
    </message>
    <message>
        <source>moves</source>
        <translation>sich bewegt</translation>
    </message>
    <message>
        <source>mushroom stop button</source>
        <translation>Pilztaster (Not-Halt)</translation>
    </message>
    <message>
        <source>name of a file beside the plan</source>
        <translation>Name einer Datei neben dem Plan</translation>
    </message>
    <message>
        <source>name, then facts parted by commas</source>
        <translation>Name, dann Angaben, durch Kommas getrennt</translation>
    </message>
    <message>
        <source>nearly 0 Ω, end to end</source>
        <translation>fast 0 Ω, von Ende zu Ende</translation>
    </message>
    <message>
        <source>needed</source>
        <translation>gebraucht</translation>
    </message>
    <message>
        <source>needs its aerial before power</source>
        <translation>will seine Antenne vor dem Strom</translation>
    </message>
    <message>
        <source>neutral-cure silicone sealant</source>
        <translation>neutral vernetzendes Silikon</translation>
    </message>
    <message>
        <source>neutral-cure silicone sealant, small tube</source>
        <translation>neutralvernetzendes Silikon, kleine Tube</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nie</translation>
    </message>
    <message>
        <source>never behind a switch</source>
        <translation>nie hinter einem Schalter</translation>
    </message>
    <message>
        <source>never opens</source>
        <translation>öffnet nie</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>new, {length} together</source>
        <translation>neu, zusammen {length}</translation>
    </message>
    <message>
        <source>nickel metal hydride</source>
        <translation>Nickel-Metallhydrid</translation>
    </message>
    <message>
        <source>no battery below 60 V lets every rail be made from the catalogue's modules</source>
        <translation>kein Akku unter 60 V lässt jede Schiene mit den Wandlern des Katalogs machen</translation>
    </message>
    <message>
        <source>no body</source>
        <translation>keinem Gehäuse</translation>
    </message>
    <message>
        <source>no circuit of its voltage has room for it</source>
        <translation>kein Stromkreis seiner Spannung hat Platz dafür</translation>
    </message>
    <message>
        <source>no fuse of its own</source>
        <translation>keine eigene Sicherung</translation>
    </message>
    <message>
        <source>no joint chosen</source>
        <translation>keine Verbindung gewählt</translation>
    </message>
    <message>
        <source>no joint, plug or fuse near it, and no spark while it is laid</source>
        <translation>keine Verbindung, kein Stecker, keine Sicherung in der Nähe, und kein Funke, solange sie verlegt wird</translation>
    </message>
    <message>
        <source>no label</source>
        <translation>kein Schild</translation>
    </message>
    <message>
        <source>no load resets when another one starts</source>
        <translation>nichts neu startet, wenn etwas anläuft</translation>
    </message>
    <message>
        <source>no metal frame carries current back</source>
        <translation>kein Metallrahmen führt Strom zurück</translation>
    </message>
    <message>
        <source>no module in the catalogue makes {volts} from {low} – {high}</source>
        <translation>kein Wandler im Katalog macht {volts} aus {low} – {high}</translation>
    </message>
    <message>
        <source>no module of the catalogue makes {nominal}; they end at {lowest} and {highest}</source>
        <translation>kein Wandler des Katalogs macht {nominal}; sie enden bei {lowest} und {highest}</translation>
    </message>
    <message>
        <source>no name of its own</source>
        <translation>kein eigener Name</translation>
    </message>
    <message>
        <source>no nuisance opening; the wire is still protected</source>
        <translation>öffnet nie grundlos; die Leitung ist trotzdem sicher</translation>
    </message>
    <message>
        <source>no pack below 60 V suits both it ({lowest} – {highest}, {watts}) and {loads} ({lowest_2} – {highest_2}, {watts_2}), and no module of the catalogue carries either; give one of them a pack of its own</source>
        <translation>kein Akku unter 60 V passt ihm ({lowest} – {highest}, {watts}) und {loads} ({lowest_2} – {highest_2}, {watts_2}) zugleich, und kein Wandler des Katalogs trägt einen davon; gib einem einen eigenen Akku</translation>
    </message>
    <message>
        <source>no pack feeds it</source>
        <translation>kein Akku speist es</translation>
    </message>
    <message>
        <source>no power anywhere, the arming plug in your pocket</source>
        <translation>nirgends Strom, der Scharfstecker in der Tasche</translation>
    </message>
    <message>
        <source>no pre-charge needed: {energy} J</source>
        <translation>kein Vorladen nötig: {energy} J</translation>
    </message>
    <message>
        <source>no price</source>
        <translation>kein Preis</translation>
    </message>
    <message>
        <source>no resistor of 1 Ω or more charges {capacitance} within {within}: 1 Ω takes {wait}; allow more time</source>
        <translation>kein Widerstand ab 1 Ω lädt {capacitance} innerhalb von {within}: 1 Ω braucht {wait}; mehr Zeit geben</translation>
    </message>
    <message>
        <source>no room left in the {opening}</source>
        <translation>kein Platz mehr in: {opening}</translation>
    </message>
    <message>
        <source>no solder at all</source>
        <translation>ganz ohne Lot</translation>
    </message>
    <message>
        <source>no surge at all</source>
        <translation>gar kein Stoß</translation>
    </message>
    <message>
        <source>no voltage suits all</source>
        <translation>keine Spannung passt allen</translation>
    </message>
    <message>
        <source>no wire</source>
        <translation>keine Leitung</translation>
    </message>
    <message>
        <source>no wire pinched under the edge</source>
        <translation>nichts unter der Kante eingeklemmt</translation>
    </message>
    <message>
        <source>no {adhesive|adhesive|plain} tube passes {pass} (1.1 × expanded) and grips {hold} (0.9 × recovered)</source>
        <translation>kein Schlauch ({adhesive|mit Kleber|ohne Kleber}) lässt {pass} durch (1,1 × weit) und fasst {hold} (0,9 × geschrumpft)</translation>
    </message>
    <message>
        <source>no {solid|solid |}{material} wire with insulation {insulation} is in the catalogue</source>
        <translation>keine {solid|starre |}Leitung {material} mit Isolierung {insulation} ist im Katalog</translation>
    </message>
    <message>
        <source>noise stays on its own side</source>
        <translation>die Störung bleibt auf ihrer Seite</translation>
    </message>
    <message>
        <source>noisy</source>
        <translation>störend</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>none does both</source>
        <translation>keine kann beides</translation>
    </message>
    <message>
        <source>none for loads whose loss means a crash: no fuse opens in flight</source>
        <translation>keine, deren Verlust ein Absturz ist: keine Sicherung öffnet in der Luft</translation>
    </message>
    <message>
        <source>none is given</source>
        <translation>niemand hat gesagt, dass er welche hat</translation>
    </message>
    <message>
        <source>none thick enough</source>
        <translation>keine ist dick genug</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>niemand weiß es</translation>
    </message>
    <message>
        <source>not metal</source>
        <translation>kein Metall</translation>
    </message>
    <message>
        <source>not protected</source>
        <translation>nicht geschützt</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>noch nicht gesichert</translation>
    </message>
    <message>
        <source>not to scale</source>
        <translation>nicht maßstäblich</translation>
    </message>
    <message>
        <source>notch or dot at leg 1</source>
        <translation>Kerbe oder Punkt an Bein 1</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Hinweis</translation>
    </message>
    <message>
        <source>notes</source>
        <translation>Hinweise</translation>
    </message>
    <message>
        <source>nothing connected</source>
        <translation>nichts angeschlossen</translation>
    </message>
    <message>
        <source>nothing connected; then to its neighbours</source>
        <translation>nichts angeschlossen; dann gegen ihre Nachbarn</translation>
    </message>
    <message>
        <source>nothing else takes it along</source>
        <translation>nichts anderes reißt es mit</translation>
    </message>
    <message>
        <source>nothing is expected behind “{word}”</source>
        <translation>hinter „{word}“ wird nichts erwartet</translation>
    </message>
    <message>
        <source>nothing of {rail} was chosen to go</source>
        <translation>von {rail} wurde nichts gewählt, das geht</translation>
    </message>
    <message>
        <source>nothing on it</source>
        <translation>nichts daran</translation>
    </message>
    <message>
        <source>nothing to measure</source>
        <translation>nichts zu messen</translation>
    </message>
    <message>
        <source>nothing to put through the hole: such as 3x2.1mm 1x4.8mm</source>
        <translation>nichts, was durch das Loch soll: etwa 3x2.1mm 1x4.8mm</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>nut of the {item_name}</source>
        <translation>Mutter von {item_name}</translation>
    </message>
    <message>
        <source>nut-behind</source>
        <translation>Mutter hinten</translation>
    </message>
    <message>
        <source>nut-in-front</source>
        <translation>Mutter vorn</translation>
    </message>
    <message>
        <source>nylon spacer M3</source>
        <translation>Nylon-Abstandsbolzen M3</translation>
    </message>
    <message>
        <source>of a bridge that takes so much whatever flows</source>
        <translation>einer Brücke, die so viel nimmt, was immer fließt</translation>
    </message>
    <message>
        <source>of a cable: ends with their plug</source>
        <translation>eines Kabels: Enden mit ihrem Stecker</translation>
    </message>
    <message>
        <source>of a charger its volts and amperes are expected: charger 29.2 V 5 A</source>
        <translation>von einem Ladegerät werden Volt und Ampere erwartet: charger 29.2 V 5 A</translation>
    </message>
    <message>
        <source>of a circuit: the fuse that protects it</source>
        <translation>eines Stromkreises: an der er hängt</translation>
    </message>
    <message>
        <source>of a corner: its inside</source>
        <translation>einer Ecke: ihre Innenseite</translation>
    </message>
    <message>
        <source>of a fuse</source>
        <translation>einer Sicherung</translation>
    </message>
    <message>
        <source>of a pack's cells</source>
        <translation>der Zellen eines Akkus</translation>
    </message>
    <message>
        <source>of a pad: its other side, which the wire lies along</source>
        <translation>einer Lötfläche: ihre andere Seite, längs der der Draht liegt</translation>
    </message>
    <message>
        <source>of a panel in full sun</source>
        <translation>eines Panels in voller Sonne</translation>
    </message>
    <message>
        <source>of a wire</source>
        <translation>eines Drahts</translation>
    </message>
    <message>
        <source>of a wire: size and insulation</source>
        <translation>eines Drahts: Größe und Isolation</translation>
    </message>
    <message>
        <source>of each conductor: size and insulation</source>
        <translation>jedes Leiters: Größe und Isolierung</translation>
    </message>
    <message>
        <source>of each piece</source>
        <translation>jedes Stücks</translation>
    </message>
    <message>
        <source>of its insulation</source>
        <translation>ihrer Isolierung</translation>
    </message>
    <message>
        <source>of limit</source>
        <translation>der Grenze</translation>
    </message>
    <message>
        <source>of one new cell, charged, at 20 °C</source>
        <translation>einer neuen Zelle, geladen, bei 20 °C</translation>
    </message>
    <message>
        <source>of that fuse</source>
        <translation>dieser Sicherung</translation>
    </message>
    <message>
        <source>of the tallest part there, its board included</source>
        <translation>des Höchsten, das dort steht, mit seiner Platine</translation>
    </message>
    <message>
        <source>of the window</source>
        <translation>des Fensters</translation>
    </message>
    <message>
        <source>of the wires that are chosen</source>
        <translation>der Leitungen, die gewählt werden</translation>
    </message>
    <message>
        <source>of your own</source>
        <translation>eigener Schritt</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>ohms that a meter shows across it</source>
        <translation>Ohm, die ein Messgerät daran zeigt</translation>
    </message>
    <message>
        <source>on four of {spacer}</source>
        <translation>auf vier Stück {spacer}</translation>
    </message>
    <message>
        <source>on order: {item}</source>
        <translation>bestellt: {item}</translation>
    </message>
    <message>
        <source>on {part}</source>
        <translation>auf {part}</translation>
    </message>
    <message>
        <source>on-its-way</source>
        <translation>unterwegs</translation>
    </message>
    <message>
        <source>once</source>
        <translation>einmal</translation>
    </message>
    <message>
        <source>once a day</source>
        <translation>einmal am Tag</translation>
    </message>
    <message>
        <source>once each has been proved</source>
        <translation>sobald jede geprüft ist</translation>
    </message>
    <message>
        <source>one LFP cell</source>
        <translation>eine LFP-Zelle</translation>
    </message>
    <message>
        <source>one cell with its protection board</source>
        <translation>eine Zelle mit Schutzplatine</translation>
    </message>
    <message>
        <source>one contact of it</source>
        <translation>ein Kontakt davon</translation>
    </message>
    <message>
        <source>one for all, or a second one for what is quiet</source>
        <translation>einer für alles, oder ein zweiter für das Leise</translation>
    </message>
    <message>
        <source>one for everything</source>
        <translation>einer für alles</translation>
    </message>
    <message>
        <source>one for those that stand together</source>
        <translation>eine für die, die beieinanderstehen</translation>
    </message>
    <message>
        <source>one fuse, one load</source>
        <translation>eine Sicherung, ein Verbraucher</translation>
    </message>
    <message>
        <source>one line each: signal, role, pins, colour</source>
        <translation>je eine Zeile: Signal, Rolle, Stifte, Farbe</translation>
    </message>
    <message>
        <source>one line each: what it meets</source>
        <translation>je eine Zeile: worauf er trifft</translation>
    </message>
    <message>
        <source>one line each: what sits in it</source>
        <translation>je eine Zeile: was darin sitzt</translation>
    </message>
    <message>
        <source>one lithium cell</source>
        <translation>eine Lithiumzelle</translation>
    </message>
    <message>
        <source>one load after the other</source>
        <translation>ein Verbraucher nach dem anderen</translation>
    </message>
    <message>
        <source>one more tube over both joints where a pair ends</source>
        <translation>noch ein Schlauch über beide Verbindungen, wo ein Paar endet</translation>
    </message>
    <message>
        <source>one of its leads</source>
        <translation>einer seiner Drähte</translation>
    </message>
    <message>
        <source>one return for both</source>
        <translation>eine Rückleitung für beide</translation>
    </message>
    <message>
        <source>one that latches, and tied or taped; never held by friction alone</source>
        <translation>einer, der einrastet, und gebunden oder verklebt; nie von Reibung allein gehalten</translation>
    </message>
    <message>
        <source>one thing to charge and to watch</source>
        <translation>nur eines zu laden und zu bewachen</translation>
    </message>
    <message>
        <source>one tool for everything; stiff behind the joint, so the wire needs strain relief</source>
        <translation>ein Werkzeug für alles; steif hinter der Verbindung, darum halte den Draht, wo er sich biegt</translation>
    </message>
    <message>
        <source>one value is expected of a charger</source>
        <translation>bei einem Ladegerät wird ein Wert erwartet</translation>
    </message>
    <message>
        <source>one way, along the path; “?” where it is a guess</source>
        <translation>ein Weg, den Weg entlang; „?“, wo geschätzt ist</translation>
    </message>
    <message>
        <source>one wire</source>
        <translation>einen Draht</translation>
    </message>
    <message>
        <source>one-lid</source>
        <translation>ein-Deckel</translation>
    </message>
    <message>
        <source>one-wire bus</source>
        <translation>Eindraht-Bus</translation>
    </message>
    <message>
        <source>only a nominal voltage was said</source>
        <translation>nur eine Nennspannung wurde gesagt</translation>
    </message>
    <message>
        <source>only what is an opening goes through one</source>
        <translation>nur was eine Öffnung ist, geht durch eine</translation>
    </message>
    <message>
        <source>only {drawn} were drawn: at least {least} are needed, and current out of the pack counts positive</source>
        <translation>nur {drawn} wurden entnommen: mindestens {least} sind nötig, und Strom aus dem Akku zählt positiv</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>opening</source>
        <translation>Öffnung</translation>
    </message>
    <message>
        <source>opening that it does not pass</source>
        <translation>eine Öffnung, durch die sie nicht passt</translation>
    </message>
    <message>
        <source>openings</source>
        <translation>Öffnungen</translation>
    </message>
    <message>
        <source>openings that let air in, and as much that let it out</source>
        <translation>Öffnungen, die Luft hereinlassen, und ebenso viel hinaus</translation>
    </message>
    <message>
        <source>opens at {} °C</source>
        <translation>öffnet bei {} °C</translation>
    </message>
    <message>
        <source>opens in normal use</source>
        <translation>öffnet im normalen Betrieb</translation>
    </message>
    <message>
        <source>opens in {time}</source>
        <translation>öffnet in {time}</translation>
    </message>
    <message>
        <source>opens soonest, and tells when a load draws more than it should</source>
        <translation>öffnet am ehesten und zeigt, wenn ein Verbraucher mehr zieht, als er soll</translation>
    </message>
    <message>
        <source>opens when it is hot: saves what it is fixed to. Its case may be live: insulate it</source>
        <translation>öffnet, wenn es heiß ist: rettet, worauf er sitzt. Sein Gehäuse kann Spannung führen: isoliere es</translation>
    </message>
    <message>
        <source>or what the boards of the bus say</source>
        <translation>oder was die Platinen am Bus vorgeben</translation>
    </message>
    <message>
        <source>orange</source>
        <translation>orange</translation>
    </message>
    <message>
        <source>ordered</source>
        <translation>bestellt</translation>
    </message>
    <message>
        <source>ordered, on-its-way or arrived</source>
        <translation>ordered, on-its-way oder arrived</translation>
    </message>
    <message>
        <source>other</source>
        <translation>anderes</translation>
    </message>
    <message>
        <source>output without its fuses, then each load</source>
        <translation>Ausgang ohne seine Sicherungen, dann jeder Verbraucher</translation>
    </message>
    <message>
        <source>outside</source>
        <translation>außen</translation>
    </message>
    <message>
        <source>over a year</source>
        <translation>über ein Jahr</translation>
    </message>
    <message>
        <source>over both at {part}</source>
        <translation>über beide bei {part}</translation>
    </message>
    <message>
        <source>over it</source>
        <translation>darüber</translation>
    </message>
    <message>
        <source>over the whole lead</source>
        <translation>über die ganze Leitung</translation>
    </message>
    <message>
        <source>over the whole splice</source>
        <translation>über den ganzen Spleiß</translation>
    </message>
    <message>
        <source>own lead of {load}, {wire}</source>
        <translation>eigene Leitung von {load}, {wire}</translation>
    </message>
    <message>
        <source>own return</source>
        <translation>eigene Rückleitung</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>pack V</source>
        <translation>Akku V</translation>
    </message>
    <message>
        <source>pack plug</source>
        <translation>Akkustecker</translation>
    </message>
    <message>
        <source>packs are charged</source>
        <translation>Akkus werden geladen</translation>
    </message>
    <message>
        <source>pad</source>
        <translation>Lötfläche</translation>
    </message>
    <message>
        <source>panel</source>
        <translation>Panel</translation>
    </message>
    <message>
        <source>panel {power} · {sun_low} – {sun_high} h of sun</source>
        <translation>Panel {power} · {sun_low} – {sun_high} h Sonne</translation>
    </message>
    <message>
        <source>panel {} W</source>
        <translation>Solarmodul {} W</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>parts laid out</source>
        <translation>Teile ausgelegt</translation>
    </message>
    <message>
        <source>parts, tools, light, a bowl for screws</source>
        <translation>Teile, Werkzeug, Licht, eine Schale für Schrauben</translation>
    </message>
    <message>
        <source>passive cable, typical</source>
        <translation>passives Kabel, typisch</translation>
    </message>
    <message>
        <source>past the {obstacle}</source>
        <translation>vorbei an: {obstacle}</translation>
    </message>
    <message>
        <source>path {length}, cut {cut}</source>
        <translation>Weg {length}, abzulängen {cut}</translation>
    </message>
    <message>
        <source>pcs</source>
        <translation>Stk</translation>
    </message>
    <message>
        <source>peak</source>
        <translation>Spitze</translation>
    </message>
    <message>
        <source>peak {peak} for {peak_time}</source>
        <translation>Spitze {peak} für {peak_time}</translation>
    </message>
    <message>
        <source>peak {top}</source>
        <translation>Spitze {top}</translation>
    </message>
    <message>
        <source>phase</source>
        <translation>Phase</translation>
    </message>
    <message>
        <source>photographs</source>
        <translation>Fotos</translation>
    </message>
    <message>
        <source>pieces</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>pin 1 at the square pad</source>
        <translation>Pin 1 am eckigen Lötauge</translation>
    </message>
    <message>
        <source>pin header socket {} mm</source>
        <translation>Buchsenleiste {} mm</translation>
    </message>
    <message>
        <source>pin {pin} at {part}</source>
        <translation>Stift {pin} an {part}</translation>
    </message>
    <message>
        <source>pin {to_pin}, {colour}</source>
        <translation>Stift {to_pin}, {colour}</translation>
    </message>
    <message>
        <source>pink</source>
        <translation>rosa</translation>
    </message>
    <message>
        <source>place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>places are {all}</source>
        <translation>Orte sind {all}</translation>
    </message>
    <message>
        <source>plain tube</source>
        <translation>Schlauch ohne Kleber</translation>
    </message>
    <message>
        <source>plain tube and sealant</source>
        <translation>Schlauch ohne Kleber und Dichtmasse</translation>
    </message>
    <message>
        <source>plain tube {}:{}</source>
        <translation>Schrumpfschlauch {}:{}</translation>
    </message>
    <message>
        <source>plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>plastic</source>
        <translation>Kunststoff</translation>
    </message>
    <message>
        <source>plug</source>
        <translation>Stecker</translation>
    </message>
    <message>
        <source>plug that it came with</source>
        <translation>mitgelieferter Stecker</translation>
    </message>
    <message>
        <source>plugged first</source>
        <translation>zuerst gesteckt</translation>
    </message>
    <message>
        <source>plugged in at both ends, everything off</source>
        <translation>an beiden Enden eingesteckt, alles aus</translation>
    </message>
    <message>
        <source>plugs</source>
        <translation>Stecker</translation>
    </message>
    <message>
        <source>plus as printed on it</source>
        <translation>Plus wie aufgedruckt</translation>
    </message>
    <message>
        <source>plus to minus, fuses out</source>
        <translation>Plus zu Minus, Sicherungen heraus</translation>
    </message>
    <message>
        <source>point: 1.5 V</source>
        <translation>Punkt: 1.5 V</translation>
    </message>
    <message>
        <source>points from 0 to 1 are expected, such as “0.31,0.4 0.5,0.42”</source>
        <translation>Punkte von 0 bis 1 werden erwartet, etwa „0.31,0.4 0.5,0.42“</translation>
    </message>
    <message>
        <source>points of its line between its ends: 0.31,0.4 0.5,0.42</source>
        <translation>Punkte seiner Linie zwischen den Enden: 0.31,0.4 0.5,0.42</translation>
    </message>
    <message>
        <source>polarised</source>
        <translation>gepolt</translation>
    </message>
    <message>
        <source>polyimide film tape</source>
        <translation>Polyimidband</translation>
    </message>
    <message>
        <source>polyimide film tape, 12 mm, 33 m roll</source>
        <translation>Polyimidband, 12 mm, Rolle mit 33 m</translation>
    </message>
    <message>
        <source>polyimide tape</source>
        <translation>Polyimidband</translation>
    </message>
    <message>
        <source>pouch</source>
        <translation>Pouch</translation>
    </message>
    <message>
        <source>power cells</source>
        <translation>Hochstromzellen</translation>
    </message>
    <message>
        <source>power supply</source>
        <translation>Netzteil</translation>
    </message>
    <message>
        <source>practice</source>
        <translation>Praxis</translation>
    </message>
    <message>
        <source>practices</source>
        <translation>Schulen</translation>
    </message>
    <message>
        <source>pre-charge through {resistor} for {wait}: {peak} instead of {peak_2}</source>
        <translation>Vorladen über {resistor} für {wait}: {peak} statt {peak_2}</translation>
    </message>
    <message>
        <source>pre-charge: {} Ω</source>
        <translation>Vorladung: {} Ω</translation>
    </message>
    <message>
        <source>precharge</source>
        <translation>Vorladen</translation>
    </message>
    <message>
        <source>press Propose (Ctrl+Enter) to wire it.</source>
        <translation>Vorschlagen drücken (Strg+Enter), um es zu verdrahten.</translation>
    </message>
    <message>
        <source>pressed</source>
        <translation>gedrückt</translation>
    </message>
    <message>
        <source>printed capacity of one cell</source>
        <translation>aufgedruckte Kapazität einer Zelle</translation>
    </message>
    <message>
        <source>prismatic LFP cell</source>
        <translation>prismatische LFP-Zelle</translation>
    </message>
    <message>
        <source>prismatic cells</source>
        <translation>prismatische Zellen</translation>
    </message>
    <message>
        <source>protected</source>
        <translation>geschützt</translation>
    </message>
    <message>
        <source>pull-out loop key {} A</source>
        <translation>Ziehschlüssel (Schleife) {} A</translation>
    </message>
    <message>
        <source>push button {} A</source>
        <translation>Taster {} A</translation>
    </message>
    <message>
        <source>push-in terminal block</source>
        <translation>Steckklemme</translation>
    </message>
    <message>
        <source>push-in terminal block in place of a stud</source>
        <translation>Steckklemmenblock statt Bolzen</translation>
    </message>
    <message>
        <source>push-on blade</source>
        <translation>Flachstecker</translation>
    </message>
    <message>
        <source>push-on blade terminal {} mm</source>
        <translation>Flachstecker {} mm</translation>
    </message>
    <message>
        <source>push-on blade {} mm</source>
        <translation>Flachsteckhülse {} mm</translation>
    </message>
    <message>
        <source>quick and repeatable; withstands vibration; each size needs its die</source>
        <translation>schnell und jedes Mal gleich; verträgt Schütteln; jede Größe will ihr Gesenk</translation>
    </message>
    <message>
        <source>quiet loads share no wire with motors</source>
        <translation>was leise ist, teilt keine Leitung mit Motoren</translation>
    </message>
    <message>
        <source>quiet low-dropout regulator {} A</source>
        <translation>rauscharmer Low-Drop-Regler {} A</translation>
    </message>
    <message>
        <source>rail terminal</source>
        <translation>Reihenklemme</translation>
    </message>
    <message>
        <source>rails</source>
        <translation>Schienen</translation>
    </message>
    <message>
        <source>reading</source>
        <translation>Messung</translation>
    </message>
    <message>
        <source>reads</source>
        <translation>zeigt</translation>
    </message>
    <message>
        <source>red</source>
        <translation>rot</translation>
    </message>
    <message>
        <source>red in the slot, black on bare metal</source>
        <translation>rot in den Schlitz, schwarz auf blankes Metall</translation>
    </message>
    <message>
        <source>red on {red}
black on {black}
{state}</source>
        <translation>rot an {red}
schwarz an {black}
{state}</translation>
    </message>
    <message>
        <source>red/white/black: plus red, signal white, minus black.</source>
        <translation>rot/weiß/schwarz: Plus rot, Signal weiß, Minus schwarz.</translation>
    </message>
    <message>
        <source>regulated</source>
        <translation>geregelt</translation>
    </message>
    <message>
        <source>released</source>
        <translation>losgelassen</translation>
    </message>
    <message>
        <source>resettable fuse</source>
        <translation>rückstellende Sicherung</translation>
    </message>
    <message>
        <source>resistive</source>
        <translation>ohmsch</translation>
    </message>
    <message>
        <source>resistor 120 Ω, or what the boards of the bus say</source>
        <translation>Widerstand 120 Ω, oder was die Platinen des Busses sagen</translation>
    </message>
    <message>
        <source>resistor {} Ω</source>
        <translation>Widerstand {} Ω</translation>
    </message>
    <message>
        <source>rest of the {part} lead</source>
        <translation>Rest der Leitung zu {part}</translation>
    </message>
    <message>
        <source>return</source>
        <translation>Rückleitung</translation>
    </message>
    <message>
        <source>returns by the frame</source>
        <translation>kehrt über den Rahmen zurück</translation>
    </message>
    <message>
        <source>returns by {wire_label}</source>
        <translation>kehrt zurück über {wire_label}</translation>
    </message>
    <message>
        <source>reversible data and power plug</source>
        <translation>wendbarer Daten- und Leistungsstecker</translation>
    </message>
    <message>
        <source>ribbon</source>
        <translation>Flachband</translation>
    </message>
    <message>
        <source>right</source>
        <translation>richtigen</translation>
    </message>
    <message>
        <source>right behind the fuse more flows than the {breaking} it breaks</source>
        <translation>gleich hinter der Sicherung fließt mehr als die {breaking}, die sie trennt</translation>
    </message>
    <message>
        <source>ring</source>
        <translation>Ring</translation>
    </message>
    <message>
        <source>ring terminal on M4 stud</source>
        <translation>Ringkabelschuh auf M4-Bolzen</translation>
    </message>
    <message>
        <source>ring terminal on M5 stud</source>
        <translation>Ringkabelschuh auf M5-Bolzen</translation>
    </message>
    <message>
        <source>ring terminal on M6 stud</source>
        <translation>Ringkabelschuh auf M6-Bolzen</translation>
    </message>
    <message>
        <source>ring terminal on M8 stud</source>
        <translation>Ringkabelschuh auf M8-Bolzen</translation>
    </message>
    <message>
        <source>ring terminal {} to {} mm²</source>
        <translation>Ringkabelschuh {} bis {} mm²</translation>
    </message>
    <message>
        <source>ring, bolt and serrated washer to the frame, for {wire}</source>
        <translation>Öse, Schraube und Zahnscheibe an den Rahmen, für {wire}</translation>
    </message>
    <message>
        <source>rocker switch {} A</source>
        <translation>Wippschalter {} A</translation>
    </message>
    <message>
        <source>room for no more of these</source>
        <translation>für weitere davon kein Platz</translation>
    </message>
    <message>
        <source>room for one of {one}</source>
        <translation>Platz für eines von {one}</translation>
    </message>
    <message>
        <source>room for {more_alike} more</source>
        <translation>Platz für {more_alike} weitere</translation>
    </message>
    <message>
        <source>room for {more_alike} more of {alike}, or one of {one}</source>
        <translation>Platz für {more_alike} weitere von {alike} oder eines von {one}</translation>
    </message>
    <message>
        <source>rosin; no acid</source>
        <translation>Kolophonium; keine Säure</translation>
    </message>
    <message>
        <source>rotary battery isolator {} A</source>
        <translation>Batterietrennschalter {} A</translation>
    </message>
    <message>
        <source>round cells in holders</source>
        <translation>Rundzellen in Haltern</translation>
    </message>
    <message>
        <source>round locking two-pole connector {} A</source>
        <translation>zweipoliger Rundstecker mit Verriegelung {} A</translation>
    </message>
    <message>
        <source>round power plug {} mm</source>
        <translation>Hohlstecker {} mm</translation>
    </message>
    <message>
        <source>rubber boot</source>
        <translation>Gummitülle</translation>
    </message>
    <message>
        <source>rubber boot for an M10 stud</source>
        <translation>Gummikappe für M10-Bolzen</translation>
    </message>
    <message>
        <source>rubber boot for an M5 stud</source>
        <translation>Gummikappe für M5-Bolzen</translation>
    </message>
    <message>
        <source>rubber boot for an M6 stud</source>
        <translation>Gummikappe für M6-Bolzen</translation>
    </message>
    <message>
        <source>rubber boot for an M8 stud</source>
        <translation>Gummikappe für M8-Bolzen</translation>
    </message>
    <message>
        <source>rubber grommet</source>
        <translation>Gummitülle</translation>
    </message>
    <message>
        <source>rules of thumb beside it: cautious {cautious_current}, bold {bold_current}</source>
        <translation>Faustregeln daneben: vorsichtig {cautious_current}, kühn {bold_current}</translation>
    </message>
    <message>
        <source>running</source>
        <translation>laufend</translation>
    </message>
    <message>
        <source>runs</source>
        <translation>läuft</translation>
    </message>
    <message>
        <source>safe to stop here</source>
        <translation>hier kann man aufhören</translation>
    </message>
    <message>
        <source>safe to stop here, iron off</source>
        <translation>hier kann man aufhören, Lötkolben aus</translation>
    </message>
    <message>
        <source>sags to {at_worst} in the one-second peak, below its cut-off of {cutoff}</source>
        <translation>sinkt in der stärksten Sekunde auf {at_worst}, unter die Abschaltung von {cutoff}</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>gesichert</translation>
    </message>
    <message>
        <source>saves what is behind when plus and minus are swapped; takes {forward} = {heat}</source>
        <translation>rettet, was dahinter ist, wenn Plus und Minus vertauscht sind; nimmt {forward} = {heat}</translation>
    </message>
    <message>
        <source>say the chemistry, such as LFP</source>
        <translation>sag die Chemie, etwa LFP</translation>
    </message>
    <message>
        <source>scissors</source>
        <translation>Schere</translation>
    </message>
    <message>
        <source>screw</source>
        <translation>Schraube</translation>
    </message>
    <message>
        <source>screw terminal {} A</source>
        <translation>Schraubklemme {} A</translation>
    </message>
    <message>
        <source>screwdriver</source>
        <translation>Schraubendreher</translation>
    </message>
    <message>
        <source>screwed clamp</source>
        <translation>geschraubte Schelle</translation>
    </message>
    <message>
        <source>screwing</source>
        <translation>Schrauben</translation>
    </message>
    <message>
        <source>screws</source>
        <translation>Schrauben</translation>
    </message>
    <message>
        <source>seal ring</source>
        <translation>Dichtring</translation>
    </message>
    <message>
        <source>seal ring for an opening of {rings}</source>
        <translation>Dichtring für eine Öffnung von {rings}</translation>
    </message>
    <message>
        <source>seal ring under a flange</source>
        <translation>Dichtring unter dem Flansch</translation>
    </message>
    <message>
        <source>sealant</source>
        <translation>Dichtmasse</translation>
    </message>
    <message>
        <source>sealed</source>
        <translation>abgedichtet</translation>
    </message>
    <message>
        <source>sealed four-pole {} A connector</source>
        <translation>dichter vierpoliger Stecker {} A</translation>
    </message>
    <message>
        <source>sealed push button {} A</source>
        <translation>dichter Taster {} A</translation>
    </message>
    <message>
        <source>sealed relay {} A</source>
        <translation>dichtes Relais {} A</translation>
    </message>
    <message>
        <source>sealed toggle switch {} A</source>
        <translation>dichter Kippschalter {} A</translation>
    </message>
    <message>
        <source>sealed two-pole {} A connector</source>
        <translation>dichter zweipoliger Stecker {} A</translation>
    </message>
    <message>
        <source>second winding</source>
        <translation>zweite Wicklung</translation>
    </message>
    <message>
        <source>seconds</source>
        <translation>Sekunden</translation>
    </message>
    <message>
        <source>seen from above; nothing on its output</source>
        <translation>von oben gesehen; nichts an seinem Ausgang</translation>
    </message>
    <message>
        <source>sensitive</source>
        <translation>empfindlich</translation>
    </message>
    <message>
        <source>sensor</source>
        <translation>Fühler</translation>
    </message>
    <message>
        <source>sensor line</source>
        <translation>Sensorleitung</translation>
    </message>
    <message>
        <source>serial line</source>
        <translation>serielle Leitung</translation>
    </message>
    <message>
        <source>series and parallel count from 1, and a capacity is needed</source>
        <translation>Reihe und parallel zählen ab 1, und eine Kapazität wird gebraucht</translation>
    </message>
    <message>
        <source>serrated washer</source>
        <translation>Zahnscheibe</translation>
    </message>
    <message>
        <source>servo lead</source>
        <translation>Servoleitung</translation>
    </message>
    <message>
        <source>servo pulse</source>
        <translation>Servoimpuls</translation>
    </message>
    <message>
        <source>servo supply {} A</source>
        <translation>Servoversorgung {} A</translation>
    </message>
    <message>
        <source>set to {setting}</source>
        <translation>eingestellt auf {setting}</translation>
    </message>
    <message>
        <source>set {setting}  ({window_words})</source>
        <translation>auf {setting}  ({window_words})</translation>
    </message>
    <message>
        <source>setting</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>share of the path that is added: 0.05 is 5 %</source>
        <translation>Anteil des Weges, der dazukommt: 0.05 sind 5 %</translation>
    </message>
    <message>
        <source>share of the printed capacity that is left, 0 to 2</source>
        <translation>Anteil der aufgedruckten Kapazität, der noch da ist, 0 bis 2</translation>
    </message>
    <message>
        <source>share of the voltage that a feed may lose: 0.03 is 3 %</source>
        <translation>Anteil der Spannung, den eine Zuleitung verlieren darf: 0.03 sind 3 %</translation>
    </message>
    <message>
        <source>share of the volts that the meter may be wrong by: 0.01 is 1 %</source>
        <translation>Anteil der Volt, um den das Messgerät falsch liegen darf: 0.01 ist 1 %</translation>
    </message>
    <message>
        <source>shares a return</source>
        <translation>teilt eine Rückleitung</translation>
    </message>
    <message>
        <source>sharp edge</source>
        <translation>scharfe Kante</translation>
    </message>
    <message>
        <source>sheath of a cable</source>
        <translation>Kabelmantel</translation>
    </message>
    <message>
        <source>shield of its plug</source>
        <translation>Schirm seines Steckers</translation>
    </message>
    <message>
        <source>short at its end: {outcome}</source>
        <translation>Kurzschluss am Ende: {outcome}</translation>
    </message>
    <message>
        <source>short leads with little drop</source>
        <translation>kurze Zuleitungen, an deren Ende nichts hungert</translation>
    </message>
    <message>
        <source>short {prospective}</source>
        <translation>Kurzschluss {prospective}</translation>
    </message>
    <message>
        <source>should read</source>
        <translation>soll zeigen</translation>
    </message>
    <message>
        <source>shows {volts} and {current} here; drops {drop}</source>
        <translation>zeigt hier {volts} und {current}; verliert {drop}</translation>
    </message>
    <message>
        <source>shrouded</source>
        <translation>ummantelt</translation>
    </message>
    <message>
        <source>shunt</source>
        <translation>Messwiderstand</translation>
    </message>
    <message>
        <source>side</source>
        <translation>Ansicht</translation>
    </message>
    <message>
        <source>side cutters</source>
        <translation>Seitenschneider</translation>
    </message>
    <message>
        <source>signal</source>
        <translation>Signal</translation>
    </message>
    <message>
        <source>silicone rubber</source>
        <translation>Silikonkautschuk</translation>
    </message>
    <message>
        <source>silicone wire for models usually comes in AWG</source>
        <translation>Silikonlitze für Modelle gibt es meist in AWG</translation>
    </message>
    <message>
        <source>single</source>
        <translation>einzeln</translation>
    </message>
    <message>
        <source>six NiMH cells</source>
        <translation>sechs NiMH-Zellen</translation>
    </message>
    <message>
        <source>six lithium cells</source>
        <translation>sechs Lithiumzellen</translation>
    </message>
    <message>
        <source>sixteen LFP cells</source>
        <translation>sechzehn LFP-Zellen</translation>
    </message>
    <message>
        <source>size “{size}”: {message}</source>
        <translation>Größe „{size}“: {message}</translation>
    </message>
    <message>
        <source>slide switch {} A</source>
        <translation>Schiebeschalter {} A</translation>
    </message>
    <message>
        <source>sliding on</source>
        <translation>Aufschieben</translation>
    </message>
    <message>
        <source>slow edge at {times} × its rating: {when}</source>
        <translation>langsame Kante bei {times} × Nennwert: {when}</translation>
    </message>
    <message>
        <source>slow its clock, a resistor of 33 Ω in series at the sender</source>
        <translation>Takt senken, 33 Ω in Reihe am Sender</translation>
    </message>
    <message>
        <source>slow its clock, stronger pull-ups, or a bus extender at both ends</source>
        <translation>Takt senken, stärkere Pull-ups oder Bus-Verlängerer an beiden Enden</translation>
    </message>
    <message>
        <source>small board plug {} mm pitch</source>
        <translation>kleiner Platinenstecker, Raster {} mm</translation>
    </message>
    <message>
        <source>small buck module {} A</source>
        <translation>kleiner Abwärtswandler {} A</translation>
    </message>
    <message>
        <source>small distribution board</source>
        <translation>kleine Verteilerplatine</translation>
    </message>
    <message>
        <source>small screwdriver</source>
        <translation>kleiner Schraubendreher</translation>
    </message>
    <message>
        <source>small torch</source>
        <translation>kleiner Brenner</translation>
    </message>
    <message>
        <source>small tube</source>
        <translation>kleine Tube</translation>
    </message>
    <message>
        <source>smallest that carries</source>
        <translation>die kleinste, die trägt</translation>
    </message>
    <message>
        <source>so that it does not swing</source>
        <translation>damit es nicht schwingt</translation>
    </message>
    <message>
        <source>softening of EVA hot glue, typical</source>
        <translation>Erweichung von EVA-Heißkleber, typisch</translation>
    </message>
    <message>
        <source>solder</source>
        <translation>Lot</translation>
    </message>
    <message>
        <source>solder contact</source>
        <translation>Lötkontakt</translation>
    </message>
    <message>
        <source>solder ring terminal</source>
        <translation>Löt-Ringöse</translation>
    </message>
    <message>
        <source>solder sleeve</source>
        <translation>Lötverbinder</translation>
    </message>
    <message>
        <source>solder: {solder_words}</source>
        <translation>Lot: {solder_words}</translation>
    </message>
    <message>
        <source>soldered board pad</source>
        <translation>gelötetes Lötauge</translation>
    </message>
    <message>
        <source>soldered branch splice</source>
        <translation>gelötete Abzweigung</translation>
    </message>
    <message>
        <source>soldered contact in a housing</source>
        <translation>gelöteter Kontakt im Gehäuse</translation>
    </message>
    <message>
        <source>soldered cup of a battery plug</source>
        <translation>gelöteter Lötkelch eines Akkusteckers</translation>
    </message>
    <message>
        <source>soldered lap splice</source>
        <translation>gelötete Überlappverbindung</translation>
    </message>
    <message>
        <source>soldered lug of a switch or a part</source>
        <translation>gelötete Fahne eines Schalters oder Teils</translation>
    </message>
    <message>
        <source>soldered pigtail</source>
        <translation>gelöteter Sammelspleiß</translation>
    </message>
    <message>
        <source>soldered power pad</source>
        <translation>gelötetes Leistungspad</translation>
    </message>
    <message>
        <source>soldered ring terminal</source>
        <translation>gelöteter Ringkabelschuh</translation>
    </message>
    <message>
        <source>soldered twist splice</source>
        <translation>gelöteter Drillspleiß</translation>
    </message>
    <message>
        <source>soldering iron</source>
        <translation>Lötkolben</translation>
    </message>
    <message>
        <source>solid wire breaks in it</source>
        <translation>massiver Draht bricht darin</translation>
    </message>
    <message>
        <source>something is expected behind “{word}”</source>
        <translation>hinter „{word}“ wird etwas erwartet</translation>
    </message>
    <message>
        <source>something is left out</source>
        <translation>etwas ist ausgelassen</translation>
    </message>
    <message>
        <source>something is put on twice</source>
        <translation>etwas ist zweimal aufgesetzt</translation>
    </message>
    <message>
        <source>something there does not belong</source>
        <translation>etwas gehört dort nicht hin</translation>
    </message>
    <message>
        <source>sounder</source>
        <translation>Signalgeber</translation>
    </message>
    <message>
        <source>source</source>
        <translation>Quelle</translation>
    </message>
    <message>
        <source>source V</source>
        <translation>Quelle V</translation>
    </message>
    <message>
        <source>source limits it</source>
        <translation>Quelle begrenzt</translation>
    </message>
    <message>
        <source>spanner</source>
        <translation>Schraubenschlüssel</translation>
    </message>
    <message>
        <source>splice</source>
        <translation>Spleiß</translation>
    </message>
    <message>
        <source>spliced</source>
        <translation>gespleißt</translation>
    </message>
    <message>
        <source>spliced at {at}</source>
        <translation>gespleißt bei {at}</translation>
    </message>
    <message>
        <source>spring clamp</source>
        <translation>Federklemme</translation>
    </message>
    <message>
        <source>stall</source>
        <translation>blockiert</translation>
    </message>
    <message>
        <source>stalled</source>
        <translation>blockiert</translation>
    </message>
    <message>
        <source>standard blade fuse</source>
        <translation>Standard-Flachsicherung</translation>
    </message>
    <message>
        <source>standby</source>
        <translation>Bereitschaft</translation>
    </message>
    <message>
        <source>stands</source>
        <translation>verträgt</translation>
    </message>
    <message>
        <source>start</source>
        <translation>Anlauf</translation>
    </message>
    <message>
        <source>starter</source>
        <translation>Anlasser</translation>
    </message>
    <message>
        <source>starts the vehicle</source>
        <translation>startet das Fahrzeug</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>step drill</source>
        <translation>Stufenbohrer</translation>
    </message>
    <message>
        <source>step {number}</source>
        <translation>Schritt {number}</translation>
    </message>
    <message>
        <source>step {number}, done</source>
        <translation>Schritt {number}, erledigt</translation>
    </message>
    <message>
        <source>step, reading, change or note</source>
        <translation>Schritt, Messung, Änderung oder Notiz</translation>
    </message>
    <message>
        <source>strip {strip}</source>
        <translation>{strip} abisolieren</translation>
    </message>
    <message>
        <source>strip {strip} each</source>
        <translation>je {strip} abisolieren</translation>
    </message>
    <message>
        <source>strip {strip} each, overlap {overlap}</source>
        <translation>je {strip} abisolieren, {overlap} überlappen</translation>
    </message>
    <message>
        <source>strippers</source>
        <translation>Abisolierzange</translation>
    </message>
    <message>
        <source>stripping</source>
        <translation>Abisolieren</translation>
    </message>
    <message>
        <source>stud</source>
        <translation>Bolzen</translation>
    </message>
    <message>
        <source>sub-C</source>
        <translation>Sub-C</translation>
    </message>
    <message>
        <source>supply</source>
        <translation>Plus</translation>
    </message>
    <message>
        <source>surface breaker with lever</source>
        <translation>Aufbau-Schutzschalter mit Hebel</translation>
    </message>
    <message>
        <source>switch</source>
        <translation>Schalter</translation>
    </message>
    <message>
        <source>switch contact</source>
        <translation>Schalterkontakt</translation>
    </message>
    <message>
        <source>switched</source>
        <translation>geschaltet</translation>
    </message>
    <message>
        <source>switches and loads</source>
        <translation>Schalter und Verbraucher</translation>
    </message>
    <message>
        <source>tape and pen</source>
        <translation>Klebeband und Stift</translation>
    </message>
    <message>
        <source>tape measure</source>
        <translation>Maßband</translation>
    </message>
    <message>
        <source>temperature</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source>ten lithium cells</source>
        <translation>zehn Lithiumzellen</translation>
    </message>
    <message>
        <source>terminal</source>
        <translation>Klemme</translation>
    </message>
    <message>
        <source>test lead with a small fuse</source>
        <translation>Prüfleitung mit kleiner Sicherung</translation>
    </message>
    <message>
        <source>that its supply core carries</source>
        <translation>was seine Versorgungsader trägt</translation>
    </message>
    <message>
        <source>that wires go through</source>
        <translation>durch die Drähte gehen</translation>
    </message>
    <message>
        <source>the air is taken as {air_text}</source>
        <translation>die Luft wird angenommen mit {air_text}</translation>
    </message>
    <message>
        <source>the air's temperature</source>
        <translation>die Lufttemperatur</translation>
    </message>
    <message>
        <source>the amperes printed on it are missing, such as 5 A</source>
        <translation>die aufgedruckten Ampere fehlen, etwa 5 A</translation>
    </message>
    <message>
        <source>the battery</source>
        <translation>der Akku</translation>
    </message>
    <message>
        <source>the body in whose wall it is seated</source>
        <translation>das Gehäuse, in dessen Wand es sitzt</translation>
    </message>
    <message>
        <source>the body that it is in</source>
        <translation>das Gehäuse, in dem er ist</translation>
    </message>
    <message>
        <source>the body that it is inside of</source>
        <translation>das Gehäuse, in dem er ist</translation>
    </message>
    <message>
        <source>the bundle is {across} across; a hole of {hole} passes it</source>
        <translation>das Bündel ist {across} dick; ein Loch von {hole} lässt es durch</translation>
    </message>
    <message>
        <source>the button or controller that closes a relay</source>
        <translation>der Taster oder Regler, der ein Relais schließt</translation>
    </message>
    <message>
        <source>the charge</source>
        <translation>die Ladung</translation>
    </message>
    <message>
        <source>the date</source>
        <translation>das Datum</translation>
    </message>
    <message>
        <source>the day needs {energy} and a peak of {strongest}, more than the largest pack of the catalogue's cells gives (up to {most}); use two packs, or charge in between</source>
        <translation>der Tag braucht {energy} und eine Spitze von {strongest}, mehr als der größte Akku aus Zellen des Katalogs gibt (bis {most}); einem Teil einen eigenen Akku geben oder zwischendurch laden</translation>
    </message>
    <message>
        <source>the dot is the common leg</source>
        <translation>der Punkt ist das gemeinsame Bein</translation>
    </message>
    <message>
        <source>the file is empty</source>
        <translation>die Datei ist leer</translation>
    </message>
    <message>
        <source>the file there is as it was</source>
        <translation>die Datei dort ist, wie sie war</translation>
    </message>
    <message>
        <source>the file there is cut short; what was to be written is whole in {beside}</source>
        <translation>die Datei dort ist abgeschnitten; was geschrieben werden sollte, steht vollständig in {beside}</translation>
    </message>
    <message>
        <source>the flat side and the shorter leg are minus</source>
        <translation>die flache Seite und das kürzere Bein sind minus</translation>
    </message>
    <message>
        <source>the frame</source>
        <translation>den Rahmen</translation>
    </message>
    <message>
        <source>the fuse</source>
        <translation>die Sicherung</translation>
    </message>
    <message>
        <source>the fuse that opens before the wire is damaged; it protects the wire, not the load</source>
        <translation>was öffnet, ehe die Leitung leidet; sie schützt die Leitung, nicht den Verbraucher</translation>
    </message>
    <message>
        <source>the fuse withstands a pulse 10 000 times below 30 % of the fast edge's I²t at its duration, or up to {rating_in}, its rating in this air</source>
        <translation>ein Stoß wird 10 000-mal ertragen unter 30 % des I²t der schnellen Kante bei seiner Dauer, oder bis {rating_in}, dem Nennwert in dieser Luft</translation>
    </message>
    <message>
        <source>the hardest of every rail start</source>
        <translation>der härteste Start aller Schienen</translation>
    </message>
    <message>
        <source>the holder that a fuse sits in</source>
        <translation>der Halter, in dem eine Sicherung sitzt</translation>
    </message>
    <message>
        <source>the id of the own step that it takes back</source>
        <translation>die Kennung des eigenen Schritts, den er zurücknimmt</translation>
    </message>
    <message>
        <source>the joint at its beginning</source>
        <translation>die Verbindung an ihrem Anfang</translation>
    </message>
    <message>
        <source>the joint at its end</source>
        <translation>die Verbindung an ihrem Ende</translation>
    </message>
    <message>
        <source>the joint on its side towards the source</source>
        <translation>die Verbindung auf seiner Seite zur Quelle</translation>
    </message>
    <message>
        <source>the joint on the other side</source>
        <translation>die Verbindung auf der anderen Seite</translation>
    </message>
    <message>
        <source>the lead</source>
        <translation>die Leitung</translation>
    </message>
    <message>
        <source>the lead that {lead} came with</source>
        <translation>mitgelieferte Leitung: {lead}</translation>
    </message>
    <message>
        <source>the lead whose return it uses</source>
        <translation>die Leitung, deren Rückleitung sie benutzt</translation>
    </message>
    <message>
        <source>the length of a circuit's wire, such as 2.5 m, is expected</source>
        <translation>die Länge der Leitung eines Stromkreises, etwa 2.5 m, wird erwartet</translation>
    </message>
    <message>
        <source>the lid of {part}</source>
        <translation>der Deckel von {part}</translation>
    </message>
    <message>
        <source>the loads' currents</source>
        <translation>die Ströme der Verbraucher</translation>
    </message>
    <message>
        <source>the log has {count} samples; at least {least_samples} are needed to tell idle from peak</source>
        <translation>die Aufzeichnung hat {count} Werte; mindestens {least_samples} sind nötig, um Leerlauf von Spitze zu trennen</translation>
    </message>
    <message>
        <source>the log shows no current; is the clamp the right way round?</source>
        <translation>die Aufzeichnung zeigt keinen Strom; sitzt die Zange richtig herum?</translation>
    </message>
    <message>
        <source>the log that was read</source>
        <translation>die Aufzeichnung, die gelesen wurde</translation>
    </message>
    <message>
        <source>the maximum voltage it is rated for</source>
        <translation>das Höchste, was er verträgt</translation>
    </message>
    <message>
        <source>the meter showed an open circuit</source>
        <translation>das Messgerät zeigte offen</translation>
    </message>
    <message>
        <source>the minimum voltage it works at</source>
        <translation>die kleinste Spannung, bei der er arbeitet</translation>
    </message>
    <message>
        <source>the modules' set voltages</source>
        <translation>die eingestellten Spannungen der Wandler</translation>
    </message>
    <message>
        <source>the opening that it is seated in</source>
        <translation>die Öffnung, in der es sitzt</translation>
    </message>
    <message>
        <source>the opening that it sits in</source>
        <translation>die Öffnung, in der es sitzt</translation>
    </message>
    <message>
        <source>the other</source>
        <translation>der andere</translation>
    </message>
    <message>
        <source>the pack keeps the reserve its cells need</source>
        <translation>der Tag übrig lässt, was die Zellen behalten sollen</translation>
    </message>
    <message>
        <source>the pack's capacity</source>
        <translation>die Kapazität des Akkus</translation>
    </message>
    <message>
        <source>the pack's resistance</source>
        <translation>der Widerstand des Akkus</translation>
    </message>
    <message>
        <source>the pairs of legs that are one: beep them first</source>
        <translation>die Beinpaare, die eins sind: erst durchpiepsen</translation>
    </message>
    <message>
        <source>the part whose supply feeds a relay's coil</source>
        <translation>das Teil, an dessen Versorgung die Spule eines Relais hängt</translation>
    </message>
    <message>
        <source>the pin at the far end is missing</source>
        <translation>der Pin am anderen Ende fehlt</translation>
    </message>
    <message>
        <source>the pin at the far end is named already</source>
        <translation>der Pin am anderen Ende ist schon genannt</translation>
    </message>
    <message>
        <source>the place whose parts come off first</source>
        <translation>der Ort, dessen Teile zuerst abkommen</translation>
    </message>
    <message>
        <source>the plan no longer has it</source>
        <translation>der Plan hat es nicht mehr</translation>
    </message>
    <message>
        <source>the rails are fine: look through the wires on Wiring.</source>
        <translation>Schienen halten: sieh die Verdrahtung durch.</translation>
    </message>
    <message>
        <source>the ring is the end that current leaves by</source>
        <translation>der Ring ist das Ende, an dem der Strom austritt</translation>
    </message>
    <message>
        <source>the same for ten seconds</source>
        <translation>dasselbe für zehn Sekunden</translation>
    </message>
    <message>
        <source>the same pin at {part}</source>
        <translation>derselbe Stift an {part}</translation>
    </message>
    <message>
        <source>the screw</source>
        <translation>die Schraube</translation>
    </message>
    <message>
        <source>the sheets cannot be drawn: {status}</source>
        <translation>die Blätter können nicht gezeichnet werden: {status}</translation>
    </message>
    <message>
        <source>the side that it is drawn on</source>
        <translation>die Ansicht, auf der es gezeichnet ist</translation>
    </message>
    <message>
        <source>the size of each conductor, and its colours</source>
        <translation>die Größe jedes Leiters und seine Farben</translation>
    </message>
    <message>
        <source>the slot, fuse out</source>
        <translation>der Schlitz, Sicherung heraus</translation>
    </message>
    <message>
        <source>the smallest that carries this lead's current</source>
        <translation>die kleinste, die trägt, was diese Zuleitung verlangt</translation>
    </message>
    <message>
        <source>the start loads only the pack</source>
        <translation>der Anlauf zerrt nur am Akku</translation>
    </message>
    <message>
        <source>the stripe is minus, the longer leg plus</source>
        <translation>der Streifen ist minus, das längere Bein plus</translation>
    </message>
    <message>
        <source>the stripe is plus: not as an electrolytic's</source>
        <translation>der Streifen ist plus: anders als beim Elko</translation>
    </message>
    <message>
        <source>the sun shines on it</source>
        <translation>die Sonne scheint darauf</translation>
    </message>
    <message>
        <source>the table is empty: time, volts and amperes are expected</source>
        <translation>die Tabelle ist leer: Zeit, Volt und Ampere werden erwartet</translation>
    </message>
    <message>
        <source>the terminal at its beginning that the return ends on</source>
        <translation>die Klemme an ihrem Anfang, auf der die Rückleitung endet</translation>
    </message>
    <message>
        <source>the terminal at its end that the return begins on</source>
        <translation>die Klemme an ihrem Ende, auf der die Rückleitung beginnt</translation>
    </message>
    <message>
        <source>the terminal that its supply begins on</source>
        <translation>die Klemme, auf der ihre Versorgung beginnt</translation>
    </message>
    <message>
        <source>the terminal that its supply ends on</source>
        <translation>die Klemme, auf der ihre Versorgung endet</translation>
    </message>
    <message>
        <source>the voltage that it is set to</source>
        <translation>die Spannung, auf die er eingestellt ist</translation>
    </message>
    <message>
        <source>the volts it ends at are missing: charger 29.2 V 5 A</source>
        <translation>die Volt, bei denen es endet, fehlen: charger 29.2 V 5 A</translation>
    </message>
    <message>
        <source>the wire that it comes with</source>
        <translation>die Leitung, mit der er kommt</translation>
    </message>
    <message>
        <source>the wire to {other} carries {ampacity}; together they draw {together}</source>
        <translation>die Leitung zu {other} trägt {ampacity}; zusammen verlangen sie {together}</translation>
    </message>
    <message>
        <source>the wire's temperature against its insulation's rating</source>
        <translation>was die Leitung erreicht, gegen das, was ihre Isolierung verträgt</translation>
    </message>
    <message>
        <source>the wire, from {start}, withstands it for {when}</source>
        <translation>die Leitung hält es, von {start} an, {when} aus</translation>
    </message>
    <message>
        <source>the wires' lengths</source>
        <translation>die Längen der Leitungen</translation>
    </message>
    <message>
        <source>the zone that it is met in</source>
        <translation>die Fläche, in der es getroffen wird</translation>
    </message>
    <message>
        <source>the {largest_end} plug does not pass: thread first</source>
        <translation>der Stecker von {largest_end} geht nicht durch: erst einfädeln</translation>
    </message>
    <message>
        <source>the {rating} fuse of {other} carries {rating_2} continuously; together they draw {together}</source>
        <translation>die Sicherung {rating} von {other} trägt dauernd {rating_2}; zusammen verlangen sie {together}</translation>
    </message>
    <message>
        <source>then say how much warmer than the air it gets</source>
        <translation>dann sag, wie viel wärmer als die Luft es wird</translation>
    </message>
    <message>
        <source>then {opening}</source>
        <translation>dann {opening}</translation>
    </message>
    <message>
        <source>there are no bodies yet</source>
        <translation>es gibt noch keine Gehäuse</translation>
    </message>
    <message>
        <source>there are no loads yet; type what must run first</source>
        <translation>es gibt noch keine Verbraucher; tippe erst, was laufen muss</translation>
    </message>
    <message>
        <source>there are no places yet</source>
        <translation>es gibt noch keine Orte</translation>
    </message>
    <message>
        <source>there is no body “{name}”</source>
        <translation>es gibt kein Gehäuse „{name}“</translation>
    </message>
    <message>
        <source>there is no feed “{shared_with}”</source>
        <translation>es gibt keine Zuleitung „{shared_with}“</translation>
    </message>
    <message>
        <source>there is no folder for parts of your own: HOME is not set</source>
        <translation>es gibt keinen Ordner für eigene Teile: HOME ist nicht gesetzt</translation>
    </message>
    <message>
        <source>there is no kind of part “{kind}”</source>
        <translation>es gibt keine Teileart „{kind}“</translation>
    </message>
    <message>
        <source>there is no opening “{opening}”</source>
        <translation>es gibt keine Öffnung „{opening}“</translation>
    </message>
    <message>
        <source>there is no part “{name}”</source>
        <translation>es gibt kein Teil „{name}“</translation>
    </message>
    <message>
        <source>there is no place “{name}”</source>
        <translation>es gibt keinen Ort „{name}“</translation>
    </message>
    <message>
        <source>there is no side “{side}”</source>
        <translation>es gibt keine Ansicht „{side}“</translation>
    </message>
    <message>
        <source>there is no way “{by}”</source>
        <translation>es gibt keinen Weg „{by}“</translation>
    </message>
    <message>
        <source>there is no zone “{zone}”</source>
        <translation>es gibt keine Fläche „{zone}“</translation>
    </message>
    <message>
        <source>there is no {kind} “{name}”{alike|; “{nearest}” is there|}</source>
        <translation>„{name}“ gibt es nicht ({kind}){alike|; es gibt „{nearest}“|}</translation>
    </message>
    <message>
        <source>there is no {size} with {insulation}: nearest are {nearest}</source>
        <translation>es gibt keine {size} mit {insulation}: am nächsten sind {nearest}</translation>
    </message>
    <message>
        <source>there it would get {lowest_end} – {highest_end}; it takes {lowest} – {highest}</source>
        <translation>dort bekäme es {lowest_end} – {highest_end}; es verträgt {lowest} – {highest}</translation>
    </message>
    <message>
        <source>thermal breaker with push button</source>
        <translation>thermischer Schutzschalter mit Druckknopf</translation>
    </message>
    <message>
        <source>thermal switch</source>
        <translation>Thermoschalter</translation>
    </message>
    <message>
        <source>thickness of its wall</source>
        <translation>Dicke seiner Wand</translation>
    </message>
    <message>
        <source>third winding</source>
        <translation>dritte Wicklung</translation>
    </message>
    <message>
        <source>thirteen lithium cells</source>
        <translation>dreizehn Lithiumzellen</translation>
    </message>
    <message>
        <source>this is not a plan; “sangre-plan” is expected here</source>
        <translation>das ist kein Plan; „sangre-plan“ wird hier erwartet</translation>
    </message>
    <message>
        <source>this is one load: {count} are added by a line of their own</source>
        <translation>dies ist ein Verbraucher: {count} werden mit einer eigenen Zeile hinzugefügt</translation>
    </message>
    <message>
        <source>this is {kind}, not a file</source>
        <translation>das ist {kind}, keine Datei</translation>
    </message>
    <message>
        <source>this quote is not closed</source>
        <translation>dieses Anführungszeichen ist nicht geschlossen</translation>
    </message>
    <message>
        <source>threaded rod</source>
        <translation>Gewindestange</translation>
    </message>
    <message>
        <source>three lithium cells</source>
        <translation>drei Lithiumzellen</translation>
    </message>
    <message>
        <source>three-pole servo plug</source>
        <translation>dreipoliger Servostecker</translation>
    </message>
    <message>
        <source>three-way lever clamp</source>
        <translation>Hebelklemme für drei</translation>
    </message>
    <message>
        <source>through the {opening_size} of {first}</source>
        <translation>durch {opening_size} von {first}</translation>
    </message>
    <message>
        <source>through what switches it</source>
        <translation>über das, was ihn schaltet</translation>
    </message>
    <message>
        <source>through {way}</source>
        <translation>durch {way}</translation>
    </message>
    <message>
        <source>tie</source>
        <translation>Binder</translation>
    </message>
    <message>
        <source>tied on both sides, so short between that it cannot reach what turns</source>
        <translation>beidseits angebunden, dazwischen so kurz, dass sie das Drehende nicht erreicht</translation>
    </message>
    <message>
        <source>time-lag</source>
        <translation>träge</translation>
    </message>
    <message>
        <source>tin the end</source>
        <translation>das Ende verzinnen</translation>
    </message>
    <message>
        <source>tinned end in a screw terminal</source>
        <translation>verzinntes Ende in Schraubklemme</translation>
    </message>
    <message>
        <source>to buy</source>
        <translation>zu kaufen</translation>
    </message>
    <message>
        <source>to make up for the drop in thin wire</source>
        <translation>gegen den Abfall in dünner Leitung</translation>
    </message>
    <message>
        <source>toggle switch {} A</source>
        <translation>Kippschalter {} A</translation>
    </message>
    <message>
        <source>tonight</source>
        <translation>heute</translation>
    </message>
    <message>
        <source>tools</source>
        <translation>Werkzeug</translation>
    </message>
    <message>
        <source>transmitter</source>
        <translation>Sender</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>true oder false</translation>
    </message>
    <message>
        <source>tube</source>
        <translation>Schlauch</translation>
    </message>
    <message>
        <source>tube parked {parking} off</source>
        <translation>Schlauch {parking} entfernt geparkt</translation>
    </message>
    <message>
        <source>tube that fits</source>
        <translation>Schlauch, der passt</translation>
    </message>
    <message>
        <source>tube that goes over it flat</source>
        <translation>Schlauch, der flach darübergeht</translation>
    </message>
    <message>
        <source>tube waits here, {cut}</source>
        <translation>Schlauch wartet hier, {cut}</translation>
    </message>
    <message>
        <source>turning part</source>
        <translation>drehendes Teil</translation>
    </message>
    <message>
        <source>twelve LFP cells</source>
        <translation>zwölf LFP-Zellen</translation>
    </message>
    <message>
        <source>twelve lithium cells</source>
        <translation>zwölf Lithiumzellen</translation>
    </message>
    <message>
        <source>twist and trim</source>
        <translation>verdrillen und stutzen</translation>
    </message>
    <message>
        <source>twist it, or a buffer at the sender</source>
        <translation>verdrillen oder ein Puffer am Sender</translation>
    </message>
    <message>
        <source>twisted end in a screw terminal</source>
        <translation>verdrilltes Ende in Schraubklemme</translation>
    </message>
    <message>
        <source>twisted {twist}</source>
        <translation>verdrillt {twist}</translation>
    </message>
    <message>
        <source>twisted, then soldered or capped</source>
        <translation>verdrillt, dann verlötet oder mit Kappe</translation>
    </message>
    <message>
        <source>two LFP cells</source>
        <translation>zwei LFP-Zellen</translation>
    </message>
    <message>
        <source>two different rails are needed to merge</source>
        <translation>zum Zusammenlegen braucht es zwei verschiedene Schienen</translation>
    </message>
    <message>
        <source>two lithium cells</source>
        <translation>zwei Lithiumzellen</translation>
    </message>
    <message>
        <source>two loads, each with a feed, are needed</source>
        <translation>zwei Verbraucher mit je einer Zuleitung werden gebraucht</translation>
    </message>
    <message>
        <source>two temperatures are expected, such as −10 – 40 °C</source>
        <translation>zwei Temperaturen werden erwartet, etwa −10 – 40 °C</translation>
    </message>
    <message>
        <source>two {places|places|parts} with an arrow between them are expected: “Hub → Pump”</source>
        <translation>zwei {places|Orte|Teile} mit einem Pfeil dazwischen werden erwartet: „Hub → Pump“</translation>
    </message>
    <message>
        <source>two-pole screw terminal strip</source>
        <translation>zweipolige Schraubleiste</translation>
    </message>
    <message>
        <source>two-pole {} A battery plug</source>
        <translation>zweipoliger Akkustecker {} A</translation>
    </message>
    <message>
        <source>two-pole {} A board plug</source>
        <translation>zweipoliger Platinenstecker {} A</translation>
    </message>
    <message>
        <source>two-pole {} A locking plug</source>
        <translation>zweipoliger verriegelnder Stecker {} A</translation>
    </message>
    <message>
        <source>two-pole {} A plug</source>
        <translation>zweipoliger Stecker {} A</translation>
    </message>
    <message>
        <source>two-pole {} A plug with anti-spark pin</source>
        <translation>zweipoliger Stecker {} A mit Funkenschutzkontakt</translation>
    </message>
    <message>
        <source>two-rail stud or bus bar</source>
        <translation>Bolzen oder Sammelschiene, zwei Schienen</translation>
    </message>
    <message>
        <source>two-way lever clamp</source>
        <translation>Hebelklemme für zwei</translation>
    </message>
    <message>
        <source>tying</source>
        <translation>Binden</translation>
    </message>
    <message>
        <source>type a pack, such as 8S LFP 35 Ah</source>
        <translation>tippe einen Akku, etwa 8S LFP 35 Ah</translation>
    </message>
    <message>
        <source>type a source, such as 8S LFP 35 Ah or brick 12 V 5 A</source>
        <translation>tippe eine Quelle, etwa 8S LFP 35 Ah oder brick 12 V 5 A</translation>
    </message>
    <message>
        <source>type what must run.</source>
        <translation>tippen, was laufen muss.</translation>
    </message>
    <message>
        <source>typical</source>
        <translation>üblich</translation>
    </message>
    <message>
        <source>typical 220 µF per 10 cm beyond 20 cm</source>
        <translation>typisch 220 µF je 10 cm über 20 cm hinaus</translation>
    </message>
    <message>
        <source>typical at 1 – 10 MHz</source>
        <translation>typisch bei 1 – 10 MHz</translation>
    </message>
    <message>
        <source>typical at logic level</source>
        <translation>typisch bei Logikpegel</translation>
    </message>
    <message>
        <source>typical of a line without branches</source>
        <translation>typisch für eine Leitung ohne Abzweige</translation>
    </message>
    <message>
        <source>typical of flat cable at 1 Gbit/s a pair</source>
        <translation>typisch für Flachkabel bei 1 Gbit/s je Paar</translation>
    </message>
    <message>
        <source>typical of stranded copper of IEC 60228 classes 5 and 6</source>
        <translation>typisch für Litze nach IEC 60228 Klasse 5 und 6</translation>
    </message>
    <message>
        <source>typical to the first lamp</source>
        <translation>typisch bis zur ersten Lampe</translation>
    </message>
    <message>
        <source>typical without a buffer</source>
        <translation>typisch ohne Puffer</translation>
    </message>
    <message>
        <source>typical: one step of ten bits of 5 V</source>
        <translation>typisch: eine Stufe von zehn Bit auf 5 V</translation>
    </message>
    <message>
        <source>typical; 1 mV is 60 dB under 1 V</source>
        <translation>typisch; 1 mV liegt 60 dB unter 1 V</translation>
    </message>
    <message>
        <source>typical; 5 mV of 1 V is seen as bars</source>
        <translation>typisch; 5 mV von 1 V sieht man als Streifen</translation>
    </message>
    <message>
        <source>under a screw</source>
        <translation>unter einer Schraube</translation>
    </message>
    <message>
        <source>under power</source>
        <translation>unter Spannung</translation>
    </message>
    <message>
        <source>unplugged at both ends</source>
        <translation>an beiden Enden ausgesteckt</translation>
    </message>
    <message>
        <source>unplugged, away from everything; on the meter's ohms, no other range</source>
        <translation>abgesteckt, abseits von allem; im Ohmbereich des Messgeräts, in keinem anderen</translation>
    </message>
    <message>
        <source>unsaid</source>
        <translation>ungesagt</translation>
    </message>
    <message>
        <source>until all is proved</source>
        <translation>bis alles erprobt ist</translation>
    </message>
    <message>
        <source>unused</source>
        <translation>unbenutzt</translation>
    </message>
    <message>
        <source>unused, cut back</source>
        <translation>unbenutzt, zurückgeschnitten</translation>
    </message>
    <message>
        <source>unused, insulated at both ends</source>
        <translation>unbenutzt, an beiden Enden isoliert</translation>
    </message>
    <message>
        <source>up to {hottest}</source>
        <translation>bis {hottest}</translation>
    </message>
    <message>
        <source>usable at {air}: {capacity}; {pack_energy} of energy at nominal</source>
        <translation>nutzbar bei {air}: {capacity}; {pack_energy} Energie bei Nennspannung</translation>
    </message>
    <message>
        <source>used for</source>
        <translation>gebraucht für</translation>
    </message>
    <message>
        <source>used per day</source>
        <translation>Verbrauch</translation>
    </message>
    <message>
        <source>violet</source>
        <translation>violett</translation>
    </message>
    <message>
        <source>vital</source>
        <translation>kritisch</translation>
    </message>
    <message>
        <source>volt and ampere meter with built-in shunt</source>
        <translation>Volt- und Amperemeter mit eingebautem Messwiderstand</translation>
    </message>
    <message>
        <source>volt and ampere meter with shunt</source>
        <translation>Volt- und Amperemeter mit Messwiderstand</translation>
    </message>
    <message>
        <source>voltage drop</source>
        <translation>Spannungsabfall</translation>
    </message>
    <message>
        <source>voltage that its figures are for</source>
        <translation>Spannung, für die seine Werte gelten</translation>
    </message>
    <message>
        <source>voltage, capacitance and time must be above 0</source>
        <translation>Spannung, Kapazität und Zeit müssen über 0 liegen</translation>
    </message>
    <message>
        <source>volts above 0 and below 60 are expected; beyond is outside this tool</source>
        <translation>Volt über 0 und unter 60 werden erwartet; darüber liegt außerhalb dieses Werkzeugs</translation>
    </message>
    <message>
        <source>volts at which its charger ends</source>
        <translation>Volt, bei denen sein Ladegerät endet</translation>
    </message>
    <message>
        <source>volts, amperes, watts, hours or metres are expected here</source>
        <translation>Volt, Ampere, Watt, Stunden oder Meter werden hier erwartet</translation>
    </message>
    <message>
        <source>warmed</source>
        <translation>erwärmt</translation>
    </message>
    <message>
        <source>washer</source>
        <translation>Scheibe</translation>
    </message>
    <message>
        <source>watts above 0 and up to 100 000 are expected, one value</source>
        <translation>Watt über 0 und bis 100 000 werden erwartet, ein Wert</translation>
    </message>
    <message>
        <source>waxed lacing cord</source>
        <translation>gewachste Bindeschnur</translation>
    </message>
    <message>
        <source>way</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>way of the {block}</source>
        <translation>Platz im {block}</translation>
    </message>
    <message>
        <source>way of what disturbs it</source>
        <translation>Weg dessen, was sie stört</translation>
    </message>
    <message>
        <source>well above its peaks, a blade rather than glass under vibration, inspected each season</source>
        <translation>weit über seinen Spitzen, Flach- statt Glassicherung, wo es schüttelt, jedes Jahr angesehen</translation>
    </message>
    <message>
        <source>wet cloth</source>
        <translation>nasses Tuch</translation>
    </message>
    <message>
        <source>wet place</source>
        <translation>nasse Stelle</translation>
    </message>
    <message>
        <source>what</source>
        <translation>was</translation>
    </message>
    <message>
        <source>what a thermal switch feels</source>
        <translation>was ein Thermoschalter fühlt</translation>
    </message>
    <message>
        <source>what brings the current back</source>
        <translation>was den Strom zurückbringt</translation>
    </message>
    <message>
        <source>what cable it is</source>
        <translation>was für ein Kabel es ist</translation>
    </message>
    <message>
        <source>what can hurt</source>
        <translation>was verletzen kann</translation>
    </message>
    <message>
        <source>what covers a joint</source>
        <translation>was eine Verbindung isoliert</translation>
    </message>
    <message>
        <source>what else it feeds</source>
        <translation>was sonst daran hängt</translation>
    </message>
    <message>
        <source>what holds it there</source>
        <translation>was es dort hält</translation>
    </message>
    <message>
        <source>what holds leads along their way</source>
        <translation>was Leitungen auf ihrem Weg hält</translation>
    </message>
    <message>
        <source>what is cut off at each end</source>
        <translation>was an jedem Ende abgeschnitten wird</translation>
    </message>
    <message>
        <source>what is done</source>
        <translation>was getan wird</translation>
    </message>
    <message>
        <source>what is in it</source>
        <translation>was darin ist</translation>
    </message>
    <message>
        <source>what is measured</source>
        <translation>was gemessen wird</translation>
    </message>
    <message>
        <source>what is met</source>
        <translation>worauf getroffen wird</translation>
    </message>
    <message>
        <source>what is over its wires</source>
        <translation>was über ihren Adern ist</translation>
    </message>
    <message>
        <source>what is written on both ends</source>
        <translation>was auf beiden Enden steht</translation>
    </message>
    <message>
        <source>what it does</source>
        <translation>was es tut</translation>
    </message>
    <message>
        <source>what it draws at rest</source>
        <translation>was er in Ruhe zieht</translation>
    </message>
    <message>
        <source>what it draws warms something else: a socket's</source>
        <translation>was es nimmt, wärmt etwas anderes: das einer Dose</translation>
    </message>
    <message>
        <source>what it goes up or down besides</source>
        <translation>was es außerdem hinauf oder hinab geht</translation>
    </message>
    <message>
        <source>what it is</source>
        <translation>was es ist</translation>
    </message>
    <message>
        <source>what it is called</source>
        <translation>wie es heißt</translation>
    </message>
    <message>
        <source>what it is called comes first</source>
        <translation>zuerst kommt, wie es heißt</translation>
    </message>
    <message>
        <source>what it is done with</source>
        <translation>womit es getan wird</translation>
    </message>
    <message>
        <source>what it is for</source>
        <translation>wofür es ist</translation>
    </message>
    <message>
        <source>what it is made of</source>
        <translation>woraus er ist</translation>
    </message>
    <message>
        <source>what it is measured in</source>
        <translation>worin gemessen wird</translation>
    </message>
    <message>
        <source>what it is of, a comma and one thing are expected</source>
        <translation>wovon es ist, ein Komma und eine Angabe werden erwartet</translation>
    </message>
    <message>
        <source>what it must pass and what it must grip are needed, in mm</source>
        <translation>was er durchlassen und was er fassen muss, wird gebraucht, in mm</translation>
    </message>
    <message>
        <source>what it takes a wire by</source>
        <translation>womit es einen Draht nimmt</translation>
    </message>
    <message>
        <source>what its rail is called</source>
        <translation>wie seine Schiene heißt</translation>
    </message>
    <message>
        <source>what its signal cores carry</source>
        <translation>was seine Signaladern tragen</translation>
    </message>
    <message>
        <source>what keeps a pack where it is</source>
        <translation>was einen Akku an seinem Ort hält</translation>
    </message>
    <message>
        <source>what lies between its left and right edge</source>
        <translation>was zwischen linker und rechter Kante liegt</translation>
    </message>
    <message>
        <source>what runs on it: 5 V, GND, PWM</source>
        <translation>was darauf läuft: 5 V, GND, PWM</translation>
    </message>
    <message>
        <source>what shrinks tube</source>
        <translation>was Schlauch schrumpft</translation>
    </message>
    <message>
        <source>what stands on {part}</source>
        <translation>was auf {part} steht</translation>
    </message>
    <message>
        <source>what the file calls it; said only where the name does not tell</source>
        <translation>wie die Datei es nennt; nur gesagt, wo der Name es nicht tut</translation>
    </message>
    <message>
        <source>what the hands do</source>
        <translation>was die Hände tun</translation>
    </message>
    <message>
        <source>what the nameplate says</source>
        <translation>was das Typenschild sagt</translation>
    </message>
    <message>
        <source>what the others wait for</source>
        <translation>worauf die anderen warten</translation>
    </message>
    <message>
        <source>what the plan is called</source>
        <translation>wie der Plan heißt</translation>
    </message>
    <message>
        <source>what the {word} is called comes first</source>
        <translation>zuerst kommt, wie es heißt: {word}</translation>
    </message>
    <message>
        <source>what the {word} is called is expected</source>
        <translation>wie es heißt ({word}), wird erwartet</translation>
    </message>
    <message>
        <source>what this was said of is gone</source>
        <translation>wovon dies gesagt war, ist weg</translation>
    </message>
    <message>
        <source>what was done or noticed</source>
        <translation>was getan oder bemerkt wurde</translation>
    </message>
    <message>
        <source>what was done, in a line</source>
        <translation>was gemacht wurde, in einer Zeile</translation>
    </message>
    <message>
        <source>what ways meet in it</source>
        <translation>worauf Wege darin treffen</translation>
    </message>
    <message>
        <source>what wires are sized by</source>
        <translation>wonach Leitungen bemessen werden</translation>
    </message>
    <message>
        <source>where in its window a rail is set</source>
        <translation>wo in ihrem Fenster eine Schiene eingestellt wird</translation>
    </message>
    <message>
        <source>where it is</source>
        <translation>wo er ist</translation>
    </message>
    <message>
        <source>where it is to sit</source>
        <translation>wo es sitzen soll</translation>
    </message>
    <message>
        <source>where it stands</source>
        <translation>wo sie steht</translation>
    </message>
    <message>
        <source>where the black one goes</source>
        <translation>wohin die schwarze kommt</translation>
    </message>
    <message>
        <source>where the red probe goes</source>
        <translation>wohin die rote Spitze kommt</translation>
    </message>
    <message>
        <source>whether leads whose loss means a crash have a fuse</source>
        <translation>ob Zuleitungen, deren Verlust ein Absturz ist, eine Sicherung haben</translation>
    </message>
    <message>
        <source>which fuse block of the catalogue</source>
        <translation>welcher Sicherungsblock des Katalogs</translation>
    </message>
    <message>
        <source>which module of the catalogue</source>
        <translation>welcher Wandler des Katalogs</translation>
    </message>
    <message>
        <source>which of the catalogue</source>
        <translation>welches des Katalogs</translation>
    </message>
    <message>
        <source>which one of the catalogue is missing: say “type” and its name</source>
        <translation>welches aus dem Katalog, fehlt: sag „type“ und seinen Namen</translation>
    </message>
    <message>
        <source>which opening</source>
        <translation>welche Öffnung</translation>
    </message>
    <message>
        <source>which way its latch, key or mark is: “points latch up”</source>
        <translation>wohin Rastnase, Nut oder Markierung zeigt: „points latch up“</translation>
    </message>
    <message>
        <source>white</source>
        <translation>weiß</translation>
    </message>
    <message>
        <source>whose wall it is in</source>
        <translation>in wessen Wand sie ist</translation>
    </message>
    <message>
        <source>wide input</source>
        <translation>weiter Eingang</translation>
    </message>
    <message>
        <source>wire</source>
        <translation>Ader</translation>
    </message>
    <message>
        <source>wire for what is to be lifted out or to move</source>
        <translation>Leitung für das, was herausgehoben oder bewegt wird</translation>
    </message>
    <message>
        <source>wire on a scraped trace</source>
        <translation>Draht auf freigekratzter Leiterbahn</translation>
    </message>
    <message>
        <source>wire {sign}</source>
        <translation>Leitung {sign}</translation>
    </message>
    <message>
        <source>wire {wire} first</source>
        <translation>Leitung {wire} zuerst</translation>
    </message>
    <message>
        <source>wire {wire} {core_colour}, {insulation}</source>
        <translation>Leitung {wire} {core_colour}, {insulation}</translation>
    </message>
    <message>
        <source>wires by {school}, rails {setting}, noise {noise|apart|together}{feeds|, feeds grouped|}</source>
        <translation>Leitungen nach {school}, Schienen {setting}, Störer {noise|getrennt|zusammen}{feeds|, Zuleitungen gebündelt|}</translation>
    </message>
    <message>
        <source>wires in mm² instead of AWG</source>
        <translation>Leitungen in mm² statt AWG</translation>
    </message>
    <message>
        <source>wires soldered to wires, rings crimped, modules screwed</source>
        <translation>Drähte an Drähte gelötet, Ösen gecrimpt, Wandler geschraubt</translation>
    </message>
    <message>
        <source>with</source>
        <translation>mit</translation>
    </message>
    <message>
        <source>with leads</source>
        <translation>mit Anschlussdrähten</translation>
    </message>
    <message>
        <source>with one of the {conductors} broken the others carry {one_broken}</source>
        <translation>ist einer der {conductors} gebrochen, tragen die anderen {one_broken}</translation>
    </message>
    <message>
        <source>with power off</source>
        <translation>ohne Strom</translation>
    </message>
    <message>
        <source>with the key</source>
        <translation>mit dem Schlüssel</translation>
    </message>
    <message>
        <source>with the others</source>
        <translation>mit den anderen</translation>
    </message>
    <message>
        <source>with {tools}</source>
        <translation>mit {tools}</translation>
    </message>
    <message>
        <source>wood</source>
        <translation>Holz</translation>
    </message>
    <message>
        <source>works from {resonance} up: {attenuation} dB at {module_noise}; drops {drop}</source>
        <translation>wirkt ab {resonance}: {attenuation} dB bei {module_noise}; verliert {drop}</translation>
    </message>
    <message>
        <source>worse: {worse}</source>
        <translation>schlechter: {worse}</translation>
    </message>
    <message>
        <source>worst drop</source>
        <translation>größter Abfall</translation>
    </message>
    <message>
        <source>worst-case voltage drop of the lead, out and back, in per cent</source>
        <translation>Spannungsfall der Leitung, hin und zurück, im ungünstigsten Fall, in Prozent</translation>
    </message>
    <message>
        <source>wound for {coil}</source>
        <translation>für {coil} gewickelt</translation>
    </message>
    <message>
        <source>write down what you changed, and why.</source>
        <translation>notieren, was du geändert hast.</translation>
    </message>
    <message>
        <source>writing stopped</source>
        <translation>das Schreiben brach ab</translation>
    </message>
    <message>
        <source>years</source>
        <translation>Jahre</translation>
    </message>
    <message>
        <source>yellow</source>
        <translation>gelb</translation>
    </message>
    <message>
        <source>yours</source>
        <translation>deiner</translation>
    </message>
    <message>
        <source>zone</source>
        <translation>Fläche</translation>
    </message>
    <message>
        <source>{absolutePath} cannot be made.</source>
        <translation>{absolutePath} kann nicht angelegt werden.</translation>
    </message>
    <message>
        <source>{across} across, {across_2} high</source>
        <translation>{across} breit, {across_2} hoch</translation>
    </message>
    <message>
        <source>{across} of thickness are not drawn snug</source>
        <translation>{across} Dicke lassen sich nicht fest zuziehen</translation>
    </message>
    <message>
        <source>{across} ÷ {coil} = {share}; a coil needs {coil_low} to {coil_high}.</source>
        <translation>{across} ÷ {coil} = {share}; eine Spule will {coil_low} bis {coil_high}.</translation>
    </message>
    <message>
        <source>{air} + {rise} K = {air_2} inside</source>
        <translation>{air} + {rise} K = {air_2} innen</translation>
    </message>
    <message>
        <source>{air} there; {continuous} flow continuously.</source>
        <translation>{air} dort; dauernd fließen {continuous}.</translation>
    </message>
    <message>
        <source>{alike} pieces of {cut}</source>
        <translation>{alike} Stücke {cut}</translation>
    </message>
    <message>
        <source>{alone||{before} on, }{name} off</source>
        <translation>{alone||{before} ein, }{name} aus</translation>
    </message>
    <message>
        <source>{already|Through it already, {size} thick|Room is kept for one of {size}}</source>
        <translation>{already|Schon hindurch, {size} dick|Platz bleibt für einen von {size}}</translation>
    </message>
    <message>
        <source>{amps} flow</source>
        <translation>{amps} fließen</translation>
    </message>
    <message>
        <source>{amps} through its supply</source>
        <translation>{amps} durch seinen Plus</translation>
    </message>
    <message>
        <source>{answer} and drops {drop} out and back{known|, {share} of {volts}|}</source>
        <translation>{answer} und verliert hin und zurück {drop}{known|, {share} von {volts}|}</translation>
    </message>
    <message>
        <source>{answer}; a pulse of {pulse} {sound|leaves it undamaged|wears it out}</source>
        <translation>{answer}; ein Stromstoß von {pulse} {sound|schadet ihr nicht|nutzt sie ab}</translation>
    </message>
    <message>
        <source>{answer}; at {current} it settles at {warm}{hot|, which is too warm|}</source>
        <translation>{answer}; bei {current} kommt er auf {warm}{hot|, was zu warm ist|}</translation>
    </message>
    <message>
        <source>{answer}; it carries that continuously</source>
        <translation>{answer}; das führt sie dauernd</translation>
    </message>
    <message>
        <source>{answer}; it is rated for {voltage} only</source>
        <translation>{answer}; sie ist nur für {voltage} bemessen</translation>
    </message>
    <message>
        <source>{answer}; it sags to {loaded} at {current}, below its cut-off of {cutoff}</source>
        <translation>{answer}; bei {current} bricht er auf {loaded} ein, unter seine Abschaltung von {cutoff}</translation>
    </message>
    <message>
        <source>{answer}; its breaking capacity of {breaking} is below what flows right behind it</source>
        <translation>{answer}; ihr Ausschaltvermögen von {breaking} liegt unter dem, was gleich hinter ihr fließt</translation>
    </message>
    <message>
        <source>{answer}; sags to {loaded} at {current}, for {hours}</source>
        <translation>{answer}; bricht bei {current} auf {loaded} ein, für {hours}</translation>
    </message>
    <message>
        <source>{answer}; {current} is beyond it: rated for {continuous} continuously and {burst} for {burst_time}, where it would sag to {loaded}</source>
        <translation>{answer}; {current} übersteigt ihn: dauernd für {continuous} und für {burst_time} mit {burst} bemessen, wobei er auf {loaded} einbräche</translation>
    </message>
    <message>
        <source>{area} mm², {strands} strands, {outer} over the insulation, {ohm_per_m} mΩ/m at 20 °C, {gram_per_m} g/m</source>
        <translation>{area} mm², {strands} Einzeldrähte, {outer} über der Isolierung, {ohm_per_m} mΩ/m bei 20 °C, {gram_per_m} g/m</translation>
    </message>
    <message>
        <source>{as_lived|The day as planned but for its charging|The phases in which it works}, over and over, {capped|more than a year|down to cut-off: {run_time}}.</source>
        <translation>{as_lived|Der Tag wie geplant ohne sein Laden|Die Phasen, in denen gearbeitet wird}, immer wieder, {capped|mehr als ein Jahr|bis zur Abschaltung: {run_time}}.</translation>
    </message>
    <message>
        <source>{at_first} flows, with the wires at their working temperature{limited|, held there by the module|}.</source>
        <translation>{at_first} fließen, die Leitungen so warm, wie sie waren{limited|, dort vom Wandler gehalten|}.</translation>
    </message>
    <message>
        <source>{at_first}: no fuse opens, the wire reaches {wire}</source>
        <translation>{at_first}: Keine Sicherung löst aus, der Draht erreicht {wire}</translation>
    </message>
    <message>
        <source>{at_first}: the {rating} fuse opens in {time}, the wire reaches {wire}</source>
        <translation>{at_first}: Die Sicherung {rating} löst in {time} aus, der Draht erreicht {wire}</translation>
    </message>
    <message>
        <source>{at_lowest} × {inside} = {sag} below the {rest} at rest</source>
        <translation>{at_lowest} × {inside} = {sag} unter den {rest} in Ruhe</translation>
    </message>
    <message>
        <source>{attenuation} dB at {noise} kHz, resonant at {resonance} Hz{saturates|; its coil saturates|}</source>
        <translation>{attenuation} dB bei {noise} kHz, Resonanz bei {resonance} Hz{saturates|; seine Spule sättigt|}</translation>
    </message>
    <message>
        <source>{at} from {part}</source>
        <translation>{at} von {part}</translation>
    </message>
    <message>
        <source>{bar} at 1:{scale}</source>
        <translation>{bar} bei 1:{scale}</translation>
    </message>
    <message>
        <source>{before_rating} before it, earliest</source>
        <translation>{before_rating} davor, frühestens</translation>
    </message>
    <message>
        <source>{blocks} blocks</source>
        <translation>{blocks} Blöcke</translation>
    </message>
    <message>
        <source>{blocks} in series × {parallel} in parallel of: {cell}.</source>
        <translation>{blocks} in Reihe × {parallel} parallel aus: {cell}.</translation>
    </message>
    <message>
        <source>{block|empty way of the fuse block|empty fuse holder}, contact towards {part}</source>
        <translation>{block|leerer Platz des Sicherungsblocks|leerer Sicherungshalter}, Kontakt zu {part} hin</translation>
    </message>
    <message>
        <source>{block}: {count} of its {ways} ways are used.</source>
        <translation>{block}: {count} seiner {ways} Plätze sind belegt.</translation>
    </message>
    <message>
        <source>{body} cannot be inside itself.</source>
        <translation>{body} kann nicht in sich selbst sein.</translation>
    </message>
    <message>
        <source>{body} is said to be sealed and has vents: it is one or the other.</source>
        <translation>{body} soll abgedichtet sein und hat Luftlöcher: nur eines davon geht.</translation>
    </message>
    <message>
        <source>{body} is sealed and gets {rise} K warmer in use: as it cools it draws moisture in.</source>
        <translation>{body} ist abgedichtet und wird bei der Arbeit {rise} K wärmer: beim Abkühlen zieht er Feuchte ein.</translation>
    </message>
    <message>
        <source>{body} is sealed, but the {opening} lets water in.</source>
        <translation>{body} ist abgedichtet, und {opening} lässt Wasser ein.</translation>
    </message>
    <message>
        <source>{body} reaches {air} inside: {lost} dissipated, {air_2} ambient.</source>
        <translation>{body} erreicht innen {air}: {lost} Verlustleistung, {air_2} Umgebung.</translation>
    </message>
    <message>
        <source>{bunched} circuits together: × {bunch}</source>
        <translation>{bunched} Stromkreise zusammen: × {bunch}</translation>
    </message>
    <message>
        <source>{bundle} of bundle at {part} is shaken hard: knots of cord work loose on it.</source>
        <translation>{bundle} Bündel bei {part} wird stark gerüttelt: Schnurknoten lösen sich darauf.</translation>
    </message>
    <message>
        <source>{carried} × (1 − {derate_per_kelvin} × {warmer}) = {limit} at {air}</source>
        <translation>{carried} × (1 − {derate_per_kelvin} × {warmer}) = {limit} bei {air}</translation>
    </message>
    <message>
        <source>{carried} × 5 %, too warm = {limit}</source>
        <translation>{carried} × 5 %, zu warm = {limit}</translation>
    </message>
    <message>
        <source>{ceil} s</source>
        <translation>{ceil} s</translation>
    </message>
    <message>
        <source>{cells} {cells|cell|cells} · {capacity}</source>
        <translation>{cells} {cells|Zelle|Zellen} · {capacity}</translation>
    </message>
    <message>
        <source>{chemistry} · {series} in series{several|, {parallel} in parallel|} · {capacity}</source>
        <translation>{chemistry} · {series} in Reihe{several|, {parallel} parallel|} · {capacity}</translation>
    </message>
    <message>
        <source>{chemistry}, {series} in series, is {low} – {high}</source>
        <translation>{chemistry}, {series} in Reihe, hat {low} – {high}</translation>
    </message>
    <message>
        <source>{coldest} to {hottest} °C</source>
        <translation>{coldest} bis {hottest} °C</translation>
    </message>
    <message>
        <source>{colour} {signal}: pin {from_pin} to pin {to_pin}</source>
        <translation>{colour} {signal}: Stift {from_pin} an Stift {to_pin}</translation>
    </message>
    <message>
        <source>{conductors} together: {copper} bared, {bundle} over insulation</source>
        <translation>{conductors} zusammen: {copper} abisoliert, {bundle} über der Isolierung</translation>
    </message>
    <message>
        <source>{constData} · F2 types the whole line</source>
        <translation>{constData} · F2 tippt die ganze Zeile</translation>
    </message>
    <message>
        <source>{continuous} continuously</source>
        <translation>{continuous} dauernd</translation>
    </message>
    <message>
        <source>{continuous} continuously of {pack_max_current}; peak {peak}</source>
        <translation>{continuous} dauernd von {pack_max_current}; Spitze {peak}</translation>
    </message>
    <message>
        <source>{continuous} continuously, peak {peak}{feeds|; besides {already} that it feeds already|}</source>
        <translation>dauernd {continuous}, Spitze {peak}{feeds|; daneben {already}, die sie schon speist|}</translation>
    </message>
    <message>
        <source>{continuous} continuously, {peak} for {peak_time}; the wire carries {ampacity}.</source>
        <translation>{continuous} dauernd, {peak} für {peak_time}; die Leitung trägt {ampacity}.</translation>
    </message>
    <message>
        <source>{continuous} here{feeds| + {already} that it feeds already|} = {all}</source>
        <translation>{continuous} hier{feeds| + {already}, die sie schon speist|} = {all}</translation>
    </message>
    <message>
        <source>{continuous} here{feeds| + {already} that it feeds already|} = {all} of the {rated} printed on it</source>
        <translation>{continuous} hier{feeds| + {already}, die sie schon speist|} = {all} der aufgedruckten {rated}</translation>
    </message>
    <message>
        <source>{continuous} of the {left} left for it</source>
        <translation>{continuous} der {left}, die dafür bleiben</translation>
    </message>
    <message>
        <source>{continuous} × (out and back) at {drop_where}.</source>
        <translation>{continuous} × (hin und zurück) bei {drop_where}.</translation>
    </message>
    <message>
        <source>{converters} switches off and restarts repeatedly: its input stays at {in}.</source>
        <translation>{converters} lässt los und startet wieder: sein Eingang hängt bei {in}.</translation>
    </message>
    <message>
        <source>{converter} cannot be set to {setting}: it makes {out_min} – {out_max}.</source>
        <translation>{converter} lässt sich nicht auf {setting} einstellen: er macht {out_min} – {out_max}.</translation>
    </message>
    <message>
        <source>{converter} cannot hold {setting} on an empty pack: {in_lowest} in less {dropout} leaves {in_lowest_2}.</source>
        <translation>{converter} kann {setting} mit leerem Akku nicht halten: {in_lowest} Eingang weniger {dropout} lässt {in_lowest_2}.</translation>
    </message>
    <message>
        <source>{converter} fed from {part}</source>
        <translation>{converter} gespeist von {part}</translation>
    </message>
    <message>
        <source>{converter} goes into current limit for a moment ({limits_at_start}): what it feeds starts slower.</source>
        <translation>{converter} begrenzt einen Augenblick lang ({limits_at_start}): was dort anläuft, läuft langsamer an.</translation>
    </message>
    <message>
        <source>{converter} has no voltage that suits all: {part} needs at least {low}, {part_2} at most {high}.</source>
        <translation>{converter} hat keine Spannung, die allen passt: {part} will mindestens {low}, {part_2} höchstens {high}.</translation>
    </message>
    <message>
        <source>{converter} is fed up to {highest} and is rated for {in_max}.</source>
        <translation>{converter} wird mit bis zu {highest} gespeist und verträgt {in_max}.</translation>
    </message>
    <message>
        <source>{converter} is fed up to {highest} of its {in_max}: {spare} margin, 25 % recommended.</source>
        <translation>{converter} wird mit bis zu {highest} von seinen {in_max} gespeist: {spare} Reserve, gewünscht 25 %.</translation>
    </message>
    <message>
        <source>{converter} is fed {in_lowest} at the lowest and needs {in_min}: it locks out.</source>
        <translation>{converter} bekommt nur {in_lowest} und will {in_min}: er schaltet ab.</translation>
    </message>
    <message>
        <source>{converter} is set to {setting}, {high|more|less} than {part} {high|stands|needs}: window {low} – {high_2}.</source>
        <translation>{converter} ist auf {setting} eingestellt, {high|mehr|weniger} als {part} {high|verträgt|braucht}: Fenster {low} – {high_2}.</translation>
    </message>
    <message>
        <source>{converter} is set to {setting}. Everything from 60 V DC up is outside this tool.</source>
        <translation>{converter} ist auf {setting} eingestellt. Alles ab 60 V Gleichspannung liegt außerhalb dieses Werkzeugs.</translation>
    </message>
    <message>
        <source>{converter} names a module “{type}” that the catalogue does not hold.</source>
        <translation>{converter} nennt einen Wandler „{type}“, den der Katalog nicht hat.</translation>
    </message>
    <message>
        <source>{converter} on a {converter_2}</source>
        <translation>{converter} an einem {converter_2}</translation>
    </message>
    <message>
        <source>{converter} output +</source>
        <translation>{converter} Ausgang +</translation>
    </message>
    <message>
        <source>{converter} output + to −</source>
        <translation>{converter} Ausgang + gegen −</translation>
    </message>
    <message>
        <source>{converter} output −</source>
        <translation>{converter} Ausgang −</translation>
    </message>
    <message>
        <source>{converter} reaches {part} in {air} air; its rating is {hottest}.</source>
        <translation>{converter} erreicht {part} bei {air} Umgebung; Nennwert {hottest}.</translation>
    </message>
    <message>
        <source>{converter} supplies {continuous} (peak {peak}); rated {rated}, derated {derating}.</source>
        <translation>{converter} gibt {continuous} (Spitze {peak}); aufgedruckt {rated}, zugetraut {derating}.</translation>
    </message>
    <message>
        <source>{converter} takes over {converter_2}</source>
        <translation>{converter} übernimmt {converter_2}</translation>
    </message>
    <message>
        <source>{copper} of copper together, {bared} across bared.</source>
        <translation>{copper} Kupfer zusammen, {bared} breit abisoliert.</translation>
    </message>
    <message>
        <source>{cores} {cores|core|cores} of {wire}</source>
        <translation>{cores} {cores|Ader|Adern} mit {wire}</translation>
    </message>
    <message>
        <source>{cores} {cores|core|cores} of {wire}, {cut}</source>
        <translation>{cores} {cores|Ader|Adern} {wire}, {cut}</translation>
    </message>
    <message>
        <source>{cores} {cores|core|cores} of {wire}, {part} to {part_2}</source>
        <translation>{cores} {cores|Ader|Adern} {wire}, {part} an {part_2}</translation>
    </message>
    <message>
        <source>{cores} {cores|core|cores}, {cut}: its wire is not chosen yet</source>
        <translation>{cores} {cores|Ader|Adern}, {cut}: sein Draht ist noch nicht gewählt</translation>
    </message>
    <message>
        <source>{cores} {cores|core|cores}, {part} to {part_2}</source>
        <translation>{cores} {cores|Ader|Adern}, {part} bis {part_2}</translation>
    </message>
    <message>
        <source>{cores} {cores|core|cores}, {wire}</source>
        <translation>{cores} {cores|Ader|Adern}, {wire}</translation>
    </message>
    <message>
        <source>{core} to pin {from_pin}</source>
        <translation>{core} an Stift {from_pin}</translation>
    </message>
    <message>
        <source>{core} {from_pin} to {to_pin}</source>
        <translation>{core} {from_pin} an {to_pin}</translation>
    </message>
    <message>
        <source>{cost:.0f}; the cheapest pack that serves costs {cost_2:.0f}: no plan is cheaper by more than {margin}.</source>
        <translation>{cost:.0f}; der billigste Akku, der genügt, kostet {cost_2:.0f}: kein Plan ist um mehr als {margin} billiger.</translation>
    </message>
    <message>
        <source>{count} cells under {count_2} headings: is a decimal comma taken for the end of a cell? Write 12.5, or put quotation marks round it.</source>
        <translation>{count} Zellen unter {count_2} Überschriften: wurde ein Dezimalkomma als Ende einer Zelle gelesen? 12.5 schreiben oder in Anführungszeichen setzen.</translation>
    </message>
    <message>
        <source>{count} circles packed: {across} across</source>
        <translation>{count} Kreise gepackt: {across} weit</translation>
    </message>
    <message>
        <source>{count} feeds run</source>
        <translation>{count} Zuleitungen laufen</translation>
    </message>
    <message>
        <source>{count} items have ends of their own and no joint is chosen there.</source>
        <translation>{count} Teile haben eigene Enden, und dort ist keine Verbindung gewählt.</translation>
    </message>
    <message>
        <source>{count} joints</source>
        <translation>{count} Verbindungen</translation>
    </message>
    <message>
        <source>{count} kinds of blade fuse to carry spares of: {list}.</source>
        <translation>{count} Arten von Flachsicherungen, für die Ersatz mitzunehmen ist: {list}.</translation>
    </message>
    <message>
        <source>{count} leads, {count_2} loads, {warm} of parts known by price.</source>
        <translation>{count} Leitungen, {count_2} Verbraucher, {warm} für Teile mit bekanntem Preis.</translation>
    </message>
    <message>
        <source>{count} loads rest on typical figures: measure them before you buy for them.</source>
        <translation>{count} Verbraucher beruhen auf üblichen Werten: miss sie, ehe du dafür kaufst.</translation>
    </message>
    <message>
        <source>{count} more have no place yet</source>
        <translation>{count} weitere haben noch keinen Ort</translation>
    </message>
    <message>
        <source>{count} more on the Bench.</source>
        <translation>{count} weitere unter Messen.</translation>
    </message>
    <message>
        <source>{count} samples are too few: at least {fewest_samples} are needed</source>
        <translation>{count} Werte sind zu wenig: mindestens {fewest_samples} sind nötig</translation>
    </message>
    <message>
        <source>{count} samples over {time}.</source>
        <translation>{count} Werte über {time}.</translation>
    </message>
    <message>
        <source>{count} samples, {drawn} drawn, from {start_charge} charge.</source>
        <translation>{count} Werte, {drawn} entnommen, von {start_charge} Ladung an.</translation>
    </message>
    <message>
        <source>{count} steps, about {left} of handwork left.</source>
        <translation>{count} Schritte, etwa {left} Handarbeit übrig.</translation>
    </message>
    <message>
        <source>{count} supplies meet at {part}: pull the red wire of {others}.</source>
        <translation>{count} Versorgungen treffen sich bei {part}: zieh die rote Ader von {others}.</translation>
    </message>
    <message>
        <source>{count} things</source>
        <translation>{count} Dinge</translation>
    </message>
    <message>
        <source>{count} tinned {count|end|ends} under screws: tighten them again after a week.</source>
        <translation>{count} verzinnte {count|Ende|Enden} unter Schrauben: zieh sie nach einer Woche nach.</translation>
    </message>
    <message>
        <source>{count} wires</source>
        <translation>{count} Adern</translation>
    </message>
    <message>
        <source>{count} {count|feed was|feeds were} glued over before {count|it was|they were} measured.</source>
        <translation>{count} {count|Zuleitung wurde|Zuleitungen wurden} verklebt, ehe {count|es wurde|sie wurden} gemessen.</translation>
    </message>
    <message>
        <source>{count} × {cell}{loose| × 1.1 for holders and wrap|} = {mass}</source>
        <translation>{count} × {cell}{loose| × 1,1 für Halter und Hülle|} = {mass}</translation>
    </message>
    <message>
        <source>{count} × {constData} · what they share</source>
        <translation>{count} × {constData} · was sie gemeinsam haben</translation>
    </message>
    <message>
        <source>{count} × {cost} = {cost_2} in the catalogue's typical money</source>
        <translation>{count} × {cost} = {cost_2} im üblichen Geld des Katalogs</translation>
    </message>
    <message>
        <source>{count} × {cut} of {tube} on first, well back.</source>
        <translation>Erst {count} × {cut} {tube} darauf, weit zurück.</translation>
    </message>
    <message>
        <source>{count} × {cut} of {tube}, one on each lead, at {part}.</source>
        <translation>{count} × {cut} {tube}, einer auf jede Leitung, bei {part}.</translation>
    </message>
    <message>
        <source>{count} × {name}</source>
        <translation>{count} × {name}</translation>
    </message>
    <message>
        <source>{couples} coupled, beside {lead}</source>
        <translation>{couples} koppeln, neben {lead}</translation>
    </message>
    <message>
        <source>{couples}, twisted</source>
        <translation>{couples}, verdrillt</translation>
    </message>
    <message>
        <source>{current} flows, no fuse opens, the wire goes to {wire}.</source>
        <translation>{current} fließen, keine Sicherung öffnet, die Leitung geht auf {wire}.</translation>
    </message>
    <message>
        <source>{current} flows; the wire reaches {wire} before the fuse opens in {time}.</source>
        <translation>{current} fließen; die Leitung erreicht {wire}, ehe die Sicherung in {time} öffnet.</translation>
    </message>
    <message>
        <source>{current} flows; the {fuse} does not open, the wire reaches {hot}: {verdict}</source>
        <translation>{current} fließen; die {fuse} löst nicht aus, der Draht erreicht {hot}: {verdict}</translation>
    </message>
    <message>
        <source>{current} flows; the {fuse} opens within {when}, the wire reaches {hot}: {verdict}</source>
        <translation>{current} fließen; die {fuse} löst innerhalb von {when} aus, der Draht erreicht {hot}: {verdict}</translation>
    </message>
    <message>
        <source>{current} flows; {lead} opens within {time}, the wire reaches {wire}.</source>
        <translation>{current} fließen; {lead} öffnet innerhalb von {time}, die Leitung erreicht {wire}.</translation>
    </message>
    <message>
        <source>{current} is more than it gives continuously</source>
        <translation>{current} ist mehr, als er dauernd gibt</translation>
    </message>
    <message>
        <source>{current} is more than this pack can deliver: {most} into a short</source>
        <translation>{current} ist mehr, als dieser Akku drücken kann: {most} in einen Kurzschluss</translation>
    </message>
    <message>
        <source>{current} ÷ {rating} = {times} × its rating</source>
        <translation>{current} ÷ {rating} = {times} × ihr Nennwert</translation>
    </message>
    <message>
        <source>{cutoff} empty, {nominal} nominal, {full} full, {full_2} charging</source>
        <translation>{cutoff} leer, {nominal} Nennwert, {full} voll, {full_2} beim Laden</translation>
    </message>
    <message>
        <source>{cut} and fit the holder for the {rating} fuse there.</source>
        <translation>{cut} und setze dort den Halter für die Sicherung {rating} ein.</translation>
    </message>
    <message>
        <source>{cut} and solder the fuse in by its own leads.</source>
        <translation>{cut} und löte die Sicherung mit ihren eigenen Drähten ein.</translation>
    </message>
    <message>
        <source>{cut} each</source>
        <translation>je {cut}</translation>
    </message>
    <message>
        <source>{cut}; a lug of the bolts' size on both ends, tube over their barrels.</source>
        <translation>{cut}; an beide Enden ein Kabelschuh in der Größe der Bolzen, Schlauch über die Hülsen.</translation>
    </message>
    <message>
        <source>{cut}; a lug on each of its studs, the side marked LINE or BAT towards the source.</source>
        <translation>{cut}; ein Kabelschuh auf jeden Bolzen, die Seite LINE oder BAT zur Quelle.</translation>
    </message>
    <message>
        <source>{dangers} {dangers|danger left; F8 shows it|dangers left; F8 shows them}.</source>
        <translation>{dangers} {dangers|Gefahr bleibt; F8 zeigt sie|Gefahren bleiben; F8 zeigt sie}.</translation>
    </message>
    <message>
        <source>{dangers} {dangers|danger|dangers} in the plan: mend before anything is cut.</source>
        <translation>{dangers} {dangers|Gefahr|Gefahren} im Plan: beheben, bevor etwas geschnitten wird.</translation>
    </message>
    <message>
        <source>{days} d</source>
        <translation>{days} d</translation>
    </message>
    <message>
        <source>{day} · {there}</source>
        <translation>{day} · {there}</translation>
    </message>
    <message>
        <source>{day}: {steps} {steps|step|steps} in {used} of {length}{safe|, safe to stop after it|, {ends} bare {ends|end|ends} to cap}</source>
        <translation>{day}: {steps} {steps|Schritt|Schritte} in {used} von {length}{safe|, danach kann man aufhören|, {ends} {ends|blankes Ende|blanke Enden} abzudecken}</translation>
    </message>
    <message>
        <source>{device} switch in the {lead}</source>
        <translation>Schalter {device} in: {lead}</translation>
    </message>
    <message>
        <source>{device} switch: {type} breaks {breaks} DC at most; here {highest_end}.</source>
        <translation>Schalter {device}: {type} trennt höchstens {breaks} Gleichspannung; er sieht {highest_end}.</translation>
    </message>
    <message>
        <source>{device} switch: {type} carries {rated}; {continuous} is drawn (peak {peak}).</source>
        <translation>Schalter {device}: {type} trägt {rated}, verlangt {continuous} (Spitze {peak}).</translation>
    </message>
    <message>
        <source>{done} done</source>
        <translation>{done} fertig</translation>
    </message>
    <message>
        <source>{done} of {count} done · about {minutes_left} of handwork left</source>
        <translation>{done} von {count} fertig · noch etwa {minutes_left} Handarbeit</translation>
    </message>
    <message>
        <source>{done} of {count} done · {touched} touched by edits since</source>
        <translation>{done} von {count} fertig · {touched} seither von Änderungen berührt</translation>
    </message>
    <message>
        <source>{drawn} is more than any wire here carries.</source>
        <translation>{drawn} ist mehr, als irgendein Draht trägt.</translation>
    </message>
    <message>
        <source>{draws} seeded draws over tolerances of parts, loads and lengths, charge and air</source>
        <translation>{draws} Züge mit festem Keim über die Toleranzen von Teilen, Verbrauchern und Längen, Ladung und Luft</translation>
    </message>
    <message>
        <source>{drill}: step drill or hole saw</source>
        <translation>{drill}: Stufenbohrer oder Lochsäge</translation>
    </message>
    <message>
        <source>{dump} is newer than this program reads (up to {plan_version}); nothing was changed</source>
        <translation>{dump} ist neuer, als dieses Programm liest (bis {plan_version}); nichts wurde geändert</translation>
    </message>
    <message>
        <source>{dump} is the wrong kind of value</source>
        <translation>{dump} ist die falsche Art von Wert</translation>
    </message>
    <message>
        <source>{each} alone in {hottest}, × {bunch} with {count} cores together.</source>
        <translation>{each} allein bei {hottest}, × {bunch} mit {count} Adern zusammen.</translation>
    </message>
    <message>
        <source>{each} through a way at the most, {all} through its bar, {voltage}.</source>
        <translation>Höchstens {each} durch einen Platz, {all} durch seine Schiene, {voltage}.</translation>
    </message>
    <message>
        <source>{end}: no terminal there is for it.</source>
        <translation>{end}: dort ist keine Klemme dafür.</translation>
    </message>
    <message>
        <source>{end}: on which of its {count} terminals?</source>
        <translation>{end}: auf welche der {count} Klemmen?</translation>
    </message>
    <message>
        <source>{end}: there is no terminal “{terminal}” for it.</source>
        <translation>{end}: Es gibt keinen Anschluss „{terminal}“ dafür.</translation>
    </message>
    <message>
        <source>{end}: {lands_on} is a {word}, and the joint there is a {joint}.</source>
        <translation>{end}: {lands_on} ist ein {word}, und die Verbindung dort ist {joint}.</translation>
    </message>
    <message>
        <source>{end}: {lands_on} is {size} wide and its copper {copper}.</source>
        <translation>{end}: {lands_on} ist {size} weit, und sein Kupfer {copper}.</translation>
    </message>
    <message>
        <source>{error}; nothing was written</source>
        <translation>{error}; nichts wurde geschrieben</translation>
    </message>
    <message>
        <source>{expanded} expanded ≥ 1.1 × {pass} it must pass</source>
        <translation>{expanded} weit ≥ 1,1 × {pass}, die er durchlassen muss</translation>
    </message>
    <message>
        <source>{fails|The plan's own pack does not serve: {why_not}.  |}{count|Another ruled out:|{count} others ruled out, the lightest first:}</source>
        <translation>{fails|Der Akku des Plans genügt nicht: {why_not}.  |}{count|Ein weiterer ausgeschieden:|{count} weitere ausgeschieden, der leichteste zuerst:}</translation>
    </message>
    <message>
        <source>{family} is made for {voltage} only</source>
        <translation>{family} ist nur für {voltage} gemacht</translation>
    </message>
    <message>
        <source>{family} is not made for {rating}: nearest are {list}</source>
        <translation>{family} wird nicht für {rating} gemacht: am nächsten sind {list}</translation>
    </message>
    <message>
        <source>{family}: choose another</source>
        <translation>{family}: eine andere wählen</translation>
    </message>
    <message>
        <source>{farad} × {volts} ÷ {limit} = {time} of charging, at what its source gives at most.</source>
        <translation>{farad} × {volts} ÷ {limit} = {time} Laden, mit dem, was seine Quelle höchstens gibt.</translation>
    </message>
    <message>
        <source>{feeds} {feeds|feed|feeds}: wires by {school}, fuses {fuse|the smallest that carry|the largest that protect}.</source>
        <translation>{feeds} {feeds|Zuleitung|Zuleitungen}: Leitungen nach {school}, Sicherungen {fuse|die kleinsten, die tragen|die größten, die schützen}.</translation>
    </message>
    <message>
        <source>{figures} {figures|load has|loads have} figures typical of such parts</source>
        <translation>{figures} {figures|Verbraucher hat|Verbraucher haben} Werte, die für solche Teile üblich sind</translation>
    </message>
    <message>
        <source>{figure} {low} – {high} in nine draws of ten; moved most by {spread_name}.</source>
        <translation>{figure} {low} – {high} in neun von zehn Ziehungen; am meisten bewegt durch {spread_name}.</translation>
    </message>
    <message>
        <source>{fileName} is gone from disk. What is on screen is kept as unsaved work; saving writes the file again.</source>
        <translation>{fileName} ist nicht mehr auf der Platte. Was auf dem Bildschirm steht, bleibt als ungesicherte Arbeit erhalten; Sichern schreibt die Datei neu.</translation>
    </message>
    <message>
        <source>{fileName} is no plan (.json), table of loads (.csv), lines of a plan (.txt) or picture (.png, .jpg).</source>
        <translation>{fileName} ist kein Plan (.json), keine Tabelle von Verbrauchern (.csv), keine Zeilen eines Plans (.txt) und kein Bild (.png, .jpg).</translation>
    </message>
    <message>
        <source>{file} cannot be written</source>
        <translation>{file} kann nicht geschrieben werden</translation>
    </message>
    <message>
        <source>{file} has {megapixels} megapixels; up to {most} are read: make it smaller first.</source>
        <translation>{file} hat {megapixels} Megapixel; bis {most} werden gelesen: mach es erst kleiner.</translation>
    </message>
    <message>
        <source>{file} is broken: {errorString}</source>
        <translation>{file} ist beschädigt: {errorString}</translation>
    </message>
    <message>
        <source>{file} is no picture that can be read (PNG, JPEG).</source>
        <translation>{file} ist kein lesbares Bild (PNG, JPEG).</translation>
    </message>
    <message>
        <source>{file} is not there.</source>
        <translation>{file} ist nicht da.</translation>
    </message>
    <message>
        <source>{file} is the plan itself; choose another name.</source>
        <translation>{file} ist der Plan selbst; bitte einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>{file}: a drawing ends in .svg, .pdf or .png</source>
        <translation>{file}: eine Zeichnung endet auf .svg, .pdf oder .png</translation>
    </message>
    <message>
        <source>{file}: a picture ends in .svg, .pdf or .png</source>
        <translation>{file}: ein Bild endet auf .svg, .pdf oder .png</translation>
    </message>
    <message>
        <source>{file}: no list of entries is in it</source>
        <translation>{file}: keine Liste von Einträgen ist darin</translation>
    </message>
    <message>
        <source>{file}: no “{part}” is in it</source>
        <translation>{file}: kein „{part}“ ist darin</translation>
    </message>
    <message>
        <source>{file}: not a catalogue file: no kind or no entries</source>
        <translation>{file}: keine Katalogdatei: keine Art oder keine Einträge</translation>
    </message>
    <message>
        <source>{file}: this is {kind}, not a file</source>
        <translation>{file}: das ist {kind}, keine Datei</translation>
    </message>
    <message>
        <source>{file}: {path}: no field of a plan is called so</source>
        <translation>{file}: {path}: kein Feld eines Plans heißt so</translation>
    </message>
    <message>
        <source>{file}: {problem}: {reason}; the file there is as it was</source>
        <translation>{file}: {problem}: {reason}; die Datei dort ist, wie sie war</translation>
    </message>
    <message>
        <source>{file}: {problem}: {reason}; {then}</source>
        <translation>{file}: {problem}: {reason}; {then}</translation>
    </message>
    <message>
        <source>{first|Wired|Wired anew}: {feeds} {feeds|feed|feeds}.</source>
        <translation>{first|Verdrahtet|Neu verdrahtet}: {feeds} {feeds|Zuleitung|Zuleitungen}.</translation>
    </message>
    <message>
        <source>{first} and {source} are joined: one has {health} of its capacity left, the other {health_2}.</source>
        <translation>{first} und {source} sind verbunden: der eine hat noch {health} seiner Kapazität, der andere {health_2}.</translation>
    </message>
    <message>
        <source>{first} and {source} are joined: {chemistry} beside {other}.</source>
        <translation>{first} und {source} sind verbunden: {chemistry} neben {other}.</translation>
    </message>
    <message>
        <source>{first} and {source} are joined: {series} cells in series beside {series_2}.</source>
        <translation>{first} und {source} sind verbunden: {series} Zellen in Reihe neben {series_2}.</translation>
    </message>
    <message>
        <source>{first} has ends of its own and no joint is chosen there.</source>
        <translation>{first} hat eigene Enden, und dort ist keine Verbindung gewählt.</translation>
    </message>
    <message>
        <source>{fixed_bend} times the outer diameter where it lies still.</source>
        <translation>Das {fixed_bend}-Fache des Außendurchmessers, wo sie ruht.</translation>
    </message>
    <message>
        <source>{frame|A sound bolted ring|The joint} is {ohm}; a cheap meter's own leads add up to {lead_ohm}. Anything more is paint or a loose bolt.</source>
        <translation>{frame|Eine saubere verschraubte Öse|Die Verbindung} hat {ohm}; die eigenen Leitungen eines billigen Messgeräts legen bis {lead_ohm} darauf. Alles darüber ist Lack oder eine lose Schraube.</translation>
    </message>
    <message>
        <source>{from} to {to}</source>
        <translation>{from} an {to}</translation>
    </message>
    <message>
        <source>{full} while charging: above 60 V is outside this tool</source>
        <translation>{full} beim Laden: über 60 V liegt außerhalb dieses Werkzeugs</translation>
    </message>
    <message>
        <source>{fuses} fuses</source>
        <translation>{fuses} Sicherungen</translation>
    </message>
    <message>
        <source>{fuse} fuse</source>
        <translation>Sicherung {fuse}</translation>
    </message>
    <message>
        <source>{fuse} × 75 %{feeds| − {already}|} leaves {left} for this.</source>
        <translation>{fuse} × 75 %{feeds| − {already}|} lässt {left} hierfür.</translation>
    </message>
    <message>
        <source>{gap} between</source>
        <translation>{gap} dazwischen</translation>
    </message>
    <message>
        <source>{heat_words} at {iron}, about {dwell} of heat.</source>
        <translation>{heat_words} bei {iron}, etwa {dwell} Wärme.</translation>
    </message>
    <message>
        <source>{heat}  +{rise} K</source>
        <translation>{heat}  +{rise} K</translation>
    </message>
    <message>
        <source>{heat} of heat × {thermal} K/W + {air} = {part}</source>
        <translation>{heat} Wärme × {thermal} K/W + {air} = {part}</translation>
    </message>
    <message>
        <source>{heat} with a {tip} chisel tip</source>
        <translation>{heat} mit Meißelspitze von {tip}</translation>
    </message>
    <message>
        <source>{heat} × {thermal} K/W = {rise} over {air} air: {surface}; it withstands {hottest}</source>
        <translation>{heat} × {thermal} K/W = {rise} über {air} Luft: {surface}; er verträgt {hottest}</translation>
    </message>
    <message>
        <source>{heat}{iron| at {degrees}|}, about {dwell}</source>
        <translation>{heat}{iron| bei {degrees}|}, etwa {dwell}</translation>
    </message>
    <message>
        <source>{hidden} more</source>
        <translation>{hidden} mehr</translation>
    </message>
    <message>
        <source>{highest} is below the minimum voltage, {lowest}</source>
        <translation>{highest} liegt unter der kleinsten Spannung, {lowest}</translation>
    </message>
    <message>
        <source>{highest} is no voltage of {series} cells of {chemistry} in series</source>
        <translation>{highest} ist keine Spannung von {series} Zellen {chemistry} in Reihe</translation>
    </message>
    <message>
        <source>{highest} needs {lowest} and {lowest_2} is rated for only {highest_2}: no voltage suits both</source>
        <translation>{highest} braucht {lowest}, und {lowest_2} verträgt nur {highest_2}: keine Spannung passt beiden</translation>
    </message>
    <message>
        <source>{hold_word}; hollow: there already</source>
        <translation>{hold_word}; hohl: schon da</translation>
    </message>
    <message>
        <source>{holder} does not go into the slot of {source}, which is for {fuse_type}.</source>
        <translation>{holder} passt nicht in den Steckplatz von {source}, der für {fuse_type} ist.</translation>
    </message>
    <message>
        <source>{holder} taps a fuse slot, and there is none at {part}.</source>
        <translation>{holder} zapft einen Sicherungsplatz an, und bei {part} gibt es keinen.</translation>
    </message>
    <message>
        <source>{hold}, {at} from {part}</source>
        <translation>{hold}, {at} von {part}</translation>
    </message>
    <message>
        <source>{holes} {holes|hole|holes} by the template, which prints at its true size</source>
        <translation>{holes} {holes|Loch|Löcher} nach der Schablone, die in wahrer Größe gedruckt wird</translation>
    </message>
    <message>
        <source>{hole}, in {in}</source>
        <translation>{hole}, in {in}</translation>
    </message>
    <message>
        <source>{hub} is a forked barrel lead: it carries {fork_carries}; {most} is drawn.</source>
        <translation>{hub} ist eine gegabelte Hohlsteckerleitung: sie trägt {fork_carries}, verlangt werden {most}.</translation>
    </message>
    <message>
        <source>{hub}: no tube at hand goes over all {wires} wires of its pigtail.</source>
        <translation>{hub}: kein vorhandener Schlauch geht über alle {wires} Drähte seines Sammelspleißes.</translation>
    </message>
    <message>
        <source>{hub}: the bar of the {block} carries {all}, and {before} are let through to it.</source>
        <translation>{hub}: Die Schiene von {block} trägt {all}, und {before} werden zu ihr durchgelassen.</translation>
    </message>
    <message>
        <source>{hub}: which fuse block it is, is not said.</source>
        <translation>{hub}: Welcher Sicherungsblock es ist, ist nicht gesagt.</translation>
    </message>
    <message>
        <source>{hub}: {branches} branches on one another; one pigtail would hold all of them.</source>
        <translation>{hub}: {branches} Abzweige aufeinander; ein Sammelspleiß würde alle fassen.</translation>
    </message>
    <message>
        <source>{hub}: {copper} of copper meet in one joint, and a {kind} takes {least} to {most}.</source>
        <translation>{hub}: {copper} Kupfer treffen sich in einer Verbindung, und eine {kind} nimmt {least} bis {most}.</translation>
    </message>
    <message>
        <source>{hub}: {count} leads leave a block of {ways} ways.</source>
        <translation>{hub}: {count} Leitungen gehen von einem Block mit {ways} Plätzen ab.</translation>
    </message>
    <message>
        <source>{hub}: {past} leaves the block, and not through a fuse in one of its ways.</source>
        <translation>{hub}: {past} geht vom Block ab, und nicht durch eine Sicherung in einem seiner Plätze.</translation>
    </message>
    <message>
        <source>{id}: no {kind} “{of}” in the catalogue</source>
        <translation>{id}: „{of}“ ({kind}) ist nicht im Katalog</translation>
    </message>
    <message>
        <source>{insulation} is rated for {most}; the wire conducts heat into its terminal.</source>
        <translation>{insulation} verträgt {most}; die Leitung bringt ihre Wärme dorthin, wo sie endet.</translation>
    </message>
    <message>
        <source>{in}, for: {takes}</source>
        <translation>{in}, für: {takes}</translation>
    </message>
    <message>
        <source>{item_name}: {air} of air + {heating} = {warm}: {open|open|closed} now.</source>
        <translation>{item_name}: {air} Luft + {heating} = {warm}: jetzt {open|offen|geschlossen}.</translation>
    </message>
    <message>
        <source>{items} {items|item does|items do} not pass an opening made up and {items|waits|wait} until then; pulled by the other end it would be {by_load}.</source>
        <translation>{items} {items|Teil geht|Teile gehen} nicht fertig durch eine Öffnung und {items|wartet|warten} bis dahin; am anderen Ende gezogen wären es {by_load}.</translation>
    </message>
    <message>
        <source>{item}
{before} in, {after} out: drops {drop}</source>
        <translation>{item}
{before} hinein, {after} hinaus: verliert {drop}</translation>
    </message>
    <message>
        <source>{item} of {lead}</source>
        <translation>{item} von {lead}</translation>
    </message>
    <message>
        <source>{item}: needs {amount}, at hand {amount_2}, spare {amount_3}, sold in {amount_4}{word}</source>
        <translation>{item}: braucht {amount}, vorhanden {amount_2}, Reserve {amount_3}, verkauft zu {amount_4}{word}</translation>
    </message>
    <message>
        <source>{joints} × {cut} of {tube} on first, one for each joint, parked {parking} away.</source>
        <translation>Zuerst {joints} × {cut} von {tube} aufschieben, eins für jede Verbindung, {parking} entfernt geparkt.</translation>
    </message>
    <message>
        <source>{joint}  (takes {least} to {most})</source>
        <translation>{joint}  (nimmt {least} bis {most})</translation>
    </message>
    <message>
        <source>{joint}  (you have no {tools})</source>
        <translation>{joint}  (dir fehlt {tools})</translation>
    </message>
    <message>
        <source>{key}: “{word}” is not known</source>
        <translation>{key}: „{word}“ ist nicht bekannt</translation>
    </message>
    <message>
        <source>{kind} between {name}</source>
        <translation>{kind} zwischen {name}</translation>
    </message>
    <message>
        <source>{larger} times larger</source>
        <translation>{larger}-fach vergrößert</translation>
    </message>
    <message>
        <source>{leads} fused leads begin in a {block}, not in a holder each.</source>
        <translation>{leads} gesicherte Leitungen beginnen in {block}, nicht jede in einem Halter.</translation>
    </message>
    <message>
        <source>{leads} leads go this way, one after the other: each takes a guide wire along for the next.</source>
        <translation>{leads} Leitungen gehen diesen Weg, eine nach der anderen: jede nimmt einen Zugdraht für die nächste mit.</translation>
    </message>
    <message>
        <source>{lead}
{at_source} · {supply} · {sent}
{length}, drop {drop_share}</source>
        <translation>{lead}
{at_source} · {supply} · {sent}
{length}, Abfall {drop_share}</translation>
    </message>
    <message>
        <source>{lead}   cut {cut} of {cores} {cores|core|cores}, {size}</source>
        <translation>{lead}   Schnitt {cut}, {cores} {cores|Ader|Adern}, {size}</translation>
    </message>
    <message>
        <source>{lead}   cut {own_return|2 × |}{cut} of {size}</source>
        <translation>{lead}   Schnitt {own_return|2 × |}{cut}, {size}</translation>
    </message>
    <message>
        <source>{lead}   {now}</source>
        <translation>{lead}   {now}</translation>
    </message>
    <message>
        <source>{lead} + to −</source>
        <translation>{lead} + gegen −</translation>
    </message>
    <message>
        <source>{lead} and {lead_2} share a return: {lift} of ground shift now.</source>
        <translation>{lead} und {lead_2} teilen eine Rückleitung: jetzt {lift} Masseversatz.</translation>
    </message>
    <message>
        <source>{lead} closes round {bore}, and the lead is {thick} thick.</source>
        <translation>{lead} schließt um {bore}, und die Leitung ist {thick} dick.</translation>
    </message>
    <message>
        <source>{lead} drops {drop} ({drop_share})</source>
        <translation>{lead}: Spannungsfall {drop} ({drop_share})</translation>
    </message>
    <message>
        <source>{lead} drops {drop} ({drop_share}), limit {limit}.</source>
        <translation>{lead}: Spannungsfall {drop} ({drop_share}), Grenze {limit}.</translation>
    </message>
    <message>
        <source>{lead} ends at {part} twice: it joins nothing.</source>
        <translation>{lead} endet zweimal bei {part}: es verbindet nichts.</translation>
    </message>
    <message>
        <source>{lead} feeds what disturbs, past the aerial at {part}: lead it another way, or twist the pair and cross at right angles.</source>
        <translation>{lead} speist, was stört, vorbei an der Antenne bei {part}: führe sie anders, oder verdrille das Paar und kreuze rechtwinklig.</translation>
    </message>
    <message>
        <source>{lead} flies without a fuse, by your school: a short there draws {current} until something burns.</source>
        <translation>{lead} fliegt nach deiner Schule ungesichert: ein Kurzschluss dort zieht {current}, bis etwas brennt.</translation>
    </message>
    <message>
        <source>{lead} has a coil of {coil} and is connected to {across} of {part}: it {share|may not pull in|burns}.</source>
        <translation>{lead} hat eine Spule für {coil} und hängt an {across} von {part}: sie {share|zieht vielleicht nicht an|verbrennt}.</translation>
    </message>
    <message>
        <source>{lead} has a length of zero: measure the path and type it.</source>
        <translation>{lead} hat die Länge null: miss den Weg und tippe sie.</translation>
    </message>
    <message>
        <source>{lead} has a live case, and {part} is in a metal body: film or tube between them.</source>
        <translation>{lead} hat ein Gehäuse unter Spannung, und {part} steht in Metall: Folie oder Schlauch dazwischen.</translation>
    </message>
    <message>
        <source>{lead} has a plug of {plug} at both ends, and the {opening} passes {bore}.</source>
        <translation>{lead} hat an beiden Enden einen Stecker von {plug}; durch {opening} passen {bore}.</translation>
    </message>
    <message>
        <source>{lead} has no fuse.</source>
        <translation>{lead} hat keine Sicherung.</translation>
    </message>
    <message>
        <source>{lead} has no fuse; the module's own limit keeps the wire whole.</source>
        <translation>{lead} hat keine Sicherung; die Grenze des Wandlers bewahrt die Leitung.</translation>
    </message>
    <message>
        <source>{lead} has no fuse; the supply's own limit keeps the wire whole.</source>
        <translation>{lead} hat keine Sicherung; die Grenze des Netzteils selbst hält den Draht heil.</translation>
    </message>
    <message>
        <source>{lead} has no wire chosen.</source>
        <translation>{lead} hat keine Leitung gewählt.</translation>
    </message>
    <message>
        <source>{lead} is bent to a radius of {bends} at {part}; {bent_across} thick, it needs {least}.</source>
        <translation>{lead} ist bei {part} auf {bends} innen gebogen; {bent_across} Dicke verlangen {least}.</translation>
    </message>
    <message>
        <source>{lead} is knotted at {part}: {because}.</source>
        <translation>{lead} ist bei {part} geknotet: {because}.</translation>
    </message>
    <message>
        <source>{lead} is of plain wires, and said to be in a sheath.</source>
        <translation>{lead} besteht aus einzelnen Drähten und soll in einem Mantel liegen.</translation>
    </message>
    <message>
        <source>{lead} is of solid wire and moves at {part}: it breaks there.</source>
        <translation>{lead} ist aus Volldraht und bewegt sich bei {part}: Dort bricht er.</translation>
    </message>
    <message>
        <source>{lead} is pinned to ways that do not join its two ends one after the other.</source>
        <translation>{lead} ist an Wege geheftet, die ihre beiden Enden nicht nacheinander verbinden.</translation>
    </message>
    <message>
        <source>{lead} is said to be {across} across, and its wires are {inside} together.</source>
        <translation>{lead} soll {across} dick sein, und ihre Adern sind zusammen {inside}.</translation>
    </message>
    <message>
        <source>{lead} is thinner than the upstream {rating} fuse protects, and has no fuse of its own.</source>
        <translation>{lead} ist dünner, als die Sicherung {rating} davor schützt, und hat keine eigene.</translation>
    </message>
    <message>
        <source>{lead} is {length} long; a {word} goes {most}.</source>
        <translation>{lead} ist {length} lang; {word} geht {most}.</translation>
    </message>
    <message>
        <source>{lead} names a fuse holder “{holder}” that the catalogue does not hold.</source>
        <translation>{lead} nennt einen Sicherungshalter „{holder}“, den der Katalog nicht hat.</translation>
    </message>
    <message>
        <source>{lead} names a fuse “{type}” that the catalogue does not hold.</source>
        <translation>{lead} nennt eine Sicherung „{type}“, die der Katalog nicht hat.</translation>
    </message>
    <message>
        <source>{lead} names a switch “{type}” that the catalogue does not hold.</source>
        <translation>{lead} nennt einen Schalter „{type}“, den der Katalog nicht hat.</translation>
    </message>
    <message>
        <source>{lead} names a wire “{wire}” that the catalogue does not hold.</source>
        <translation>{lead} nennt eine Leitung „{wire}“, die der Katalog nicht hat.</translation>
    </message>
    <message>
        <source>{lead} returns through {body}, which is {word}: no current flows.</source>
        <translation>{lead} kehrt über {body} zurück, und das ist {word}: kein Strom fließt.</translation>
    </message>
    <message>
        <source>{lead} runs</source>
        <translation>{lead} läuft</translation>
    </message>
    <message>
        <source>{lead} runs beside {lead_2} for {along}: about {couples} is coupled in, {tolerated} is tolerated.</source>
        <translation>{lead} läuft neben {lead_2} über {along}: etwa {couples} koppeln ein, und sie verträgt {tolerated}.</translation>
    </message>
    <message>
        <source>{lead} sits at {at} of a lead that is {length} long.</source>
        <translation>{lead} sitzt bei {at} auf einer Leitung, die {length} lang ist.</translation>
    </message>
    <message>
        <source>{lead} turns by {degrees}° at {part}. Bend radius there: {tightest} available, {least} needed.</source>
        <translation>{lead} biegt sich um {degrees}° bei {part}. Biegeradius dort: {tightest} vorhanden, {least} nötig.</translation>
    </message>
    <message>
        <source>{lead}, at the frame</source>
        <translation>{lead}, am Rahmen</translation>
    </message>
    <message>
        <source>{lead}, at the return it shares</source>
        <translation>{lead}, an der Rückleitung, die es teilt</translation>
    </message>
    <message>
        <source>{lead}, at {part}</source>
        <translation>{lead}, bei {part}</translation>
    </message>
    <message>
        <source>{lead}, its {minus|return|supply} at {part}</source>
        <translation>{lead}, seine {minus|Rückleitung|Plus} bei {part}</translation>
    </message>
    <message>
        <source>{lead}, {before|before|behind} its {item}</source>
        <translation>{lead}, {before|vor|nach}: {item}</translation>
    </message>
    <message>
        <source>{lead}, {colour}, {size} thick</source>
        <translation>{lead}, {colour}, {size} dick</translation>
    </message>
    <message>
        <source>{lead}, {unused|cut back at|at} {part}</source>
        <translation>{lead}, {unused|zurückgeschnitten bei|bei} {part}</translation>
    </message>
    <message>
        <source>{lead}: a bus needs a resistor across the pair at both ends{several|, at {where}|}.</source>
        <translation>{lead}: Ein Bus braucht an beiden Enden einen Widerstand über das Paar{several|, bei {where}|}.</translation>
    </message>
    <message>
        <source>{lead}: a resettable fuse at the pack closes again onto the same fault.</source>
        <translation>{lead}: eine selbstrückstellende Sicherung gleich am Akku schließt wieder auf denselben Fehler.</translation>
    </message>
    <message>
        <source>{lead}: a servo plug that carries {carries} destroys a servo plugged into it.</source>
        <translation>{lead}: ein Servostecker, der {carries} führt, tötet ein eingestecktes Servo.</translation>
    </message>
    <message>
        <source>{lead}: a short draws only {current}; no fuse opens, and the wire reaches {wire}.</source>
        <translation>{lead}: ein Kurzschluss zieht nur {current}; keine Sicherung öffnet, und die Leitung erreicht {wire}.</translation>
    </message>
    <message>
        <source>{lead}: a {type} goes in either way round.</source>
        <translation>{lead}: {type} geht andersherum ebenso hinein.</translation>
    </message>
    <message>
        <source>{lead}: a {voltage} V fuse on {volts}: the arc may not go out.</source>
        <translation>{lead}: eine Sicherung für {voltage} V an {volts}: der Lichtbogen erlischt vielleicht nicht.</translation>
    </message>
    <message>
        <source>{lead}: across the pair</source>
        <translation>{lead}: über das Paar</translation>
    </message>
    <message>
        <source>{lead}: its data pair is not twisted.</source>
        <translation>{lead}: sein Datenpaar ist nicht verdrillt.</translation>
    </message>
    <message>
        <source>{lead}: its diode is the wrong way round and lets nothing through.</source>
        <translation>{lead}: die Diode ist verkehrt herum und lässt nichts durch.</translation>
    </message>
    <message>
        <source>{lead}: its fuse is at the panel; a short in the lead is fed from the pack.</source>
        <translation>{lead}: die Sicherung sitzt am Panel; ein Kurzschluss darin wird vom anderen Ende gespeist.</translation>
    </message>
    <message>
        <source>{lead}: its pins run the other way at the far end.</source>
        <translation>{lead}: seine Stifte laufen am anderen Ende andersherum.</translation>
    </message>
    <message>
        <source>{lead}: its {kind_word} passes taken apart only, {opened}.</source>
        <translation>{lead}: {kind_word} geht nur zerlegt hindurch, {opened}.</translation>
    </message>
    <message>
        <source>{lead}: its {rating} fuse is larger than the {fuse} of the circuit it is tapped from.</source>
        <translation>{lead}: seine Sicherung {rating} ist größer als die {fuse} des angezapften Stromkreises.</translation>
    </message>
    <message>
        <source>{lead}: its {rating} fuse opens after {time}.</source>
        <translation>{lead}: seine Sicherung {rating} öffnet nach {time}.</translation>
    </message>
    <message>
        <source>{lead}: its {supply|supply|ground} is {colour}.</source>
        <translation>{lead}: {supply|Plus|Masse} ist {colour}.</translation>
    </message>
    <message>
        <source>{lead}: one round of {radius} {over}: {radius_2} and {wall} on either side, {across|measured|with a usual wall; measure it}</source>
        <translation>{lead}: ein Rund von {radius} {over}: {radius_2} und auf jeder Seite {wall}, {across|gemessen|mit üblicher Wanddicke; nachmessen}</translation>
    </message>
    <message>
        <source>{lead}: plus and minus are both {supply}.</source>
        <translation>{lead}: Plus und Minus sind beide {supply}.</translation>
    </message>
    <message>
        <source>{lead}: plus is black and minus {return_wire}; whoever repairs it will swap them.</source>
        <translation>{lead}: Plus ist schwarz und Minus {return_wire}; wer es repariert, vertauscht sie.</translation>
    </message>
    <message>
        <source>{lead}: pressing {passive} joins its supply with its ground.</source>
        <translation>{lead}: {passive} zu drücken verbindet seine Versorgung mit seiner Masse.</translation>
    </message>
    <message>
        <source>{lead}: pulled {often} a day, its plug is worn after {days} days.</source>
        <translation>{lead}: {often} am Tag gezogen ist sein Stecker nach {days} Tagen verbraucht.</translation>
    </message>
    <message>
        <source>{lead}: the catalogue holds no connector “{type}”.</source>
        <translation>{lead}: der Katalog hat keinen Stecker „{type}“.</translation>
    </message>
    <message>
        <source>{lead}: the fuse breaks {breaking}; a short draws {breaking_current}.</source>
        <translation>{lead}: die Sicherung trennt {breaking}; ein Kurzschluss zieht {breaking_current}.</translation>
    </message>
    <message>
        <source>{lead}: the supplied lead is {supplied} long, {needed} needed.</source>
        <translation>{lead}: Die mitgelieferte Leitung ist {supplied} lang, nötig sind {needed}.</translation>
    </message>
    <message>
        <source>{lead}: the {colour} core joins {from_pin} with {to_pin}.</source>
        <translation>{lead}: die Ader {colour} verbindet {from_pin} mit {to_pin}.</translation>
    </message>
    <message>
        <source>{lead}: the {holder} takes no {family}.</source>
        <translation>{lead}: {holder} nimmt keine {family}.</translation>
    </message>
    <message>
        <source>{lead}: the {item_name}</source>
        <translation>{lead}: {item_name}</translation>
    </message>
    <message>
        <source>{lead}: the {rating} fuse does not protect the {item}.</source>
        <translation>{lead}: die Sicherung {rating} schützt {item} nicht.</translation>
    </message>
    <message>
        <source>{lead}: the {rating} fuse does not protect {wire}.</source>
        <translation>{lead}: die Sicherung {rating} schützt {wire} nicht.</translation>
    </message>
    <message>
        <source>{lead}: the {rating} fuse lets {wire} reach {wire_2} before it opens in {time}.</source>
        <translation>{lead}: die Sicherung {rating} lässt {wire} auf {wire_2} kommen, ehe sie nach {time} öffnet.</translation>
    </message>
    <message>
        <source>{lead}: the {rating} fuse will open in normal use.</source>
        <translation>{lead}: die Sicherung {rating} wird im normalen Betrieb öffnen.</translation>
    </message>
    <message>
        <source>{lead}: with one of {conductors} conductors broken the others carry {one_broken}; {asked} is drawn.</source>
        <translation>{lead}: ist einer von {conductors} Leitern gebrochen, tragen die anderen {one_broken}, verlangt werden {asked}.</translation>
    </message>
    <message>
        <source>{lead}: {at} of wire lie before its fuse.</source>
        <translation>{lead}: {at} Leitung liegen vor der Sicherung.</translation>
    </message>
    <message>
        <source>{lead}: {bare} unused {bare|core is|cores are} not cut back.</source>
        <translation>{lead}: {bare} unbenutzte {bare|Ader ist|Adern sind} nicht zurückgeschnitten.</translation>
    </message>
    <message>
        <source>{lead}: {cores} {cores|core of {wire} carries|cores of {wire} carry} {rated}; {amps} is drawn.</source>
        <translation>{lead}: {cores} {cores|Ader mit {wire} führt|Adern mit {wire} führen} {rated}; {amps} werden gezogen.</translation>
    </message>
    <message>
        <source>{lead}: {count} cores are {colour}.</source>
        <translation>{lead}: {count} Adern sind {colour}.</translation>
    </message>
    <message>
        <source>{lead}: {item} carries {rated}; the {rating} fuse {inherited|before|beside} it lets more through.</source>
        <translation>{lead}: {item} trägt {rated}; die Sicherung {rating} {inherited|davor|daneben} lässt mehr durch.</translation>
    </message>
    <message>
        <source>{lead}: {type} carries {rated}; {continuous} is drawn (peak {peak}).</source>
        <translation>{lead}: {type} trägt {rated}, verlangt {continuous} (Spitze {peak}).</translation>
    </message>
    <message>
        <source>{lead}: {warm} of {damage}</source>
        <translation>{lead}: {warm} von {damage}</translation>
    </message>
    <message>
        <source>{lead}: {wire} at {warm} is too hot for its {hottest_by}, which is rated for {hottest}.</source>
        <translation>{lead}: {wire} ist mit {warm} zu warm für {hottest_by}, das {hottest} verträgt.</translation>
    </message>
    <message>
        <source>{lead}: {wire} is too {thin|thin|thick} for {time}.</source>
        <translation>{lead}: {wire} ist zu {thin|dünn|dick} für {time}.</translation>
    </message>
    <message>
        <source>{lead}: {wire} reaches {warmest}; {insulation} is rated for {most}.</source>
        <translation>{lead}: {wire} erreicht {warmest}; {insulation} verträgt {most}.</translation>
    </message>
    <message>
        <source>{lead}: {wire} reaches {warm} past the {obstacle} at {part}; {insulation} is rated for {most}.</source>
        <translation>{lead}: {wire} erreicht {warm}, vorbei an: {obstacle} bei {part}; {insulation} verträgt {most}.</translation>
    </message>
    <message>
        <source>{lead}: {words} from end to end</source>
        <translation>{lead}: {words} von Ende zu Ende</translation>
    </message>
    <message>
        <source>{lead}: {words} is out</source>
        <translation>{lead}: {words} ist heraus</translation>
    </message>
    <message>
        <source>{least} to {most} mm is expected here.</source>
        <translation>{least} bis {most} mm werden hier erwartet.</translation>
    </message>
    <message>
        <source>{lengths_to_measure} {lengths_to_measure|lead is|leads are} guessed at {guessed_length}</source>
        <translation>{lengths_to_measure} {lengths_to_measure|Leitung ist|Leitungen sind} auf {guessed_length} geschätzt</translation>
    </message>
    <message>
        <source>{lengths_to_measure} {lengths_to_measure|length is|lengths are} guessed: measure on Routing.</source>
        <translation>{lengths_to_measure} {lengths_to_measure|Länge ist|Längen sind} geschätzt: miss unter Wege.</translation>
    </message>
    <message>
        <source>{length} new</source>
        <translation>{length} neu</translation>
    </message>
    <message>
        <source>{length} new, at least {least}</source>
        <translation>{length} neu, mindestens {least}</translation>
    </message>
    <message>
        <source>{length} of lead feed the controller of {load}: {capacitance} across its input, {capacitor}.</source>
        <translation>{length} Leitung speisen den Regler von {load}: {capacitance} an seinen Eingang, {capacitor}.</translation>
    </message>
    <message>
        <source>{length} of {wire}</source>
        <translation>{length} von {wire}</translation>
    </message>
    <message>
        <source>{length}, bundle {bundle} thick</source>
        <translation>{length}, Bündel {bundle} dick</translation>
    </message>
    <message>
        <source>{length}, {things_on}, {feeds} {feeds|feed|feeds}, bundle {bundle}</source>
        <translation>{length}, {things_on}, {feeds} {feeds|Zuleitung|Zuleitungen}, Bündel {bundle}</translation>
    </message>
    <message>
        <source>{list} and {count} more</source>
        <translation>{list} und {count} weitere</translation>
    </message>
    <message>
        <source>{list} and {last}</source>
        <translation>{list} und {last}</translation>
    </message>
    <message>
        <source>{list} or {last}</source>
        <translation>{list} oder {last}</translation>
    </message>
    <message>
        <source>{load_energy} a day, {share} of the day's {day_energy}</source>
        <translation>{load_energy} am Tag, {share} der {day_energy} des Tages</translation>
    </message>
    <message>
        <source>{loads} browns out in {phases}, from {charge} charge down.</source>
        <translation>{loads} bekommt in {phases} zu wenig, von {charge} Ladung abwärts.</translation>
    </message>
    <message>
        <source>{loads} in {phases}</source>
        <translation>{loads} in {phases}</translation>
    </message>
    <message>
        <source>{loads} is sensitive and returns through the frame, which carries the noise of every other load.</source>
        <translation>{loads} ist empfindlich und kehrt über den Rahmen zurück, mit den Störungen aller anderen.</translation>
    </message>
    <message>
        <source>{loads} must stay on but is behind the {device} switch.</source>
        <translation>{loads} muss an bleiben und hängt hinter dem Schalter {device}.</translation>
    </message>
    <message>
        <source>{loads} starts</source>
        <translation>{loads} läuft an</translation>
    </message>
    <message>
        <source>{loads} {loads|load|loads} pasted.</source>
        <translation>{loads} Verbraucher eingefügt.</translation>
    </message>
    <message>
        <source>{loads} {state_word}</source>
        <translation>{loads} {state_word}</translation>
    </message>
    <message>
        <source>{load} allows ≤ {highest} ÷ {tolerance} = {highest_2}</source>
        <translation>{load} erlaubt ≤ {highest} ÷ {tolerance} = {highest_2}</translation>
    </message>
    <message>
        <source>{load} alone</source>
        <translation>{load} allein</translation>
    </message>
    <message>
        <source>{load} browns out: {lowest} at its terminals, {lowest_2} needed ({lowest_where}).</source>
        <translation>{load} hat Unterspannung: {lowest} an den Klemmen, {lowest_2} nötig ({lowest_where}).</translation>
    </message>
    <message>
        <source>{load} can be exposed to {highest} and is rated for {highest_2}.</source>
        <translation>{load} kann {highest} sehen und verträgt {highest_2}.</translation>
    </message>
    <message>
        <source>{load} does no more than idle in any phase: its work counts for no run time.</source>
        <translation>{load} läuft in jeder Phase höchstens im Leerlauf: Seine Arbeit zählt für keine Laufzeit.</translation>
    </message>
    <message>
        <source>{load} draws {draw} for a moment: leads of its own from the battery, without a fuse unless its maker has one. Is that figure right?</source>
        <translation>{load} zieht kurzzeitig {draw}: eigene Leitungen von der Batterie, ohne Sicherung, sofern der Hersteller keine vorsieht. Stimmt dieser Wert?</translation>
    </message>
    <message>
        <source>{load} draws {start} when it stalls, and its {rating} fuse does not open on that.</source>
        <translation>{load} zieht blockiert {start}, und die Sicherung {rating} öffnet dabei nicht.</translation>
    </message>
    <message>
        <source>{load} fires as soon as there is power: nothing is between.</source>
        <translation>{load} zündet, sobald Strom da ist: Nichts ist dazwischen.</translation>
    </message>
    <message>
        <source>{load} in {phase}: {share}
A percentage can be typed.</source>
        <translation>{load} in {phase}: {share}
Ein Prozentwert kann getippt werden.</translation>
    </message>
    <message>
        <source>{load} is a starter and has no fuse, as is usual: keep its lead short, sleeved and tied.</source>
        <translation>{load} ist ein Anlasser und hat wie alle Anlasser keine Sicherung: Leitung kurz halten, ummanteln und festbinden.</translation>
    </message>
    <message>
        <source>{load} is in a place that is not on the machine.</source>
        <translation>{load} steht an einem Ort, den die Maschine nicht hat.</translation>
    </message>
    <message>
        <source>{load} is not fed from any source. Propose wires it.</source>
        <translation>{load} wird von keiner Quelle gespeist. Vorschlagen verdrahtet es.</translation>
    </message>
    <message>
        <source>{load} is off in every phase: it counts for no run time.</source>
        <translation>{load} ist in jeder Phase aus: Es zählt für keine Laufzeit.</translation>
    </message>
    <message>
        <source>{load} is vital, and {count_words} can stop it alone.</source>
        <translation>{load} ist kritisch; schon eines davon kann ihn ausfallen lassen: {count_words}.</translation>
    </message>
    <message>
        <source>{load} must stay on, but {source} is dead without the key.</source>
        <translation>{load} muss an bleiben, doch {source} ist ohne Schlüssel tot.</translation>
    </message>
    <message>
        <source>{load} needs {lowest}. Mains and everything from 60 V DC up is outside this tool: stop, and ask a qualified person under the local code.</source>
        <translation>{load} will {lowest}. Netzspannung und alles ab 60 V Gleichspannung liegt außerhalb dieses Werkzeugs: aufhören und eine Fachkraft nach örtlicher Vorschrift fragen.</translation>
    </message>
    <message>
        <source>{load} needs ≥ {lowest} at its end: ({lowest} + {peak} × {path}{behind| + {before}|}) ÷ {tolerance} = {least}</source>
        <translation>{load} braucht an seinem Ende ≥ {lowest}: ({lowest} + {peak} × {path}{behind| + {before}|}) ÷ {tolerance} = {least}</translation>
    </message>
    <message>
        <source>{load} plug</source>
        <translation>Stecker von {load}</translation>
    </message>
    <message>
        <source>{load} resets: {lowest_at_start} at its terminals for a moment, {lowest} needed ({start_where}).</source>
        <translation>{load} startet neu: kurzzeitig {lowest_at_start} an den Klemmen, {lowest} nötig ({start_where}).</translation>
    </message>
    <message>
        <source>{load} shares its supply with what is noisy: a filter in its lead.</source>
        <translation>{load} teilt seine Speisung mit dem, was stört: ein Filter in seiner Leitung.</translation>
    </message>
    <message>
        <source>{load} stalled draws {start}: its fuse takes up to {opens}.</source>
        <translation>{load} zieht blockiert {start}: seine Sicherung braucht bis zu {opens}.</translation>
    </message>
    <message>
        <source>{load} takes most of what the main fuse lets through: that fuse is its own, too.</source>
        <translation>{load} nimmt das meiste von dem, was die Hauptsicherung durchlässt: sie ist auch seine eigene.</translation>
    </message>
    <message>
        <source>{load} takes the whole range.</source>
        <translation>{load} nimmt den ganzen Bereich.</translation>
    </message>
    <message>
        <source>{load}, measured</source>
        <translation>{load}, gemessen</translation>
    </message>
    <message>
        <source>{load}: antenna on before it is powered, even for setup. The build has a step for it.</source>
        <translation>{load}: Antenne dran, ehe er Strom bekommt, auch zum Einrichten. Der Bau hat einen Schritt dafür.</translation>
    </message>
    <message>
        <source>{load}: its minimum voltage, {lowest}, is above its maximum, {highest}.</source>
        <translation>{load}: seine kleinste Spannung, {lowest}, liegt über seiner größten, {highest}.</translation>
    </message>
    <message>
        <source>{load}: its own lead, {wire}, carries {rating}; {asked} is drawn.</source>
        <translation>{load}: sein eigener Anschluss, {wire}, trägt {rating}; verlangt werden {asked}.</translation>
    </message>
    <message>
        <source>{load}: its own lead, {wire}, is thinner than its fuse protects: it carries {rating}.</source>
        <translation>{load}: sein eigener Anschluss, {wire}, ist dünner, als seine Sicherung schützt: er trägt {rating}.</translation>
    </message>
    <message>
        <source>{load}: mains inside the machine. Stop: a licensed person, under the local code.</source>
        <translation>{load}: Netzspannung in der Maschine. Aufhören: eine Fachkraft, nach örtlicher Vorschrift.</translation>
    </message>
    <message>
        <source>{load}: {nominal} taken as a battery's, {lowest} – {highest}; its menu in Loads has the other way.</source>
        <translation>{load}: {nominal} als die eines Akkus genommen, {lowest} – {highest}; sein Menü unter Verbraucher hat die andere Art.</translation>
    </message>
    <message>
        <source>{log_file}: {why}. Nothing was changed.</source>
        <translation>{log_file}: {why}. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>{lost} is dissipated in {body}: its temperature follows from its size, which is not given.</source>
        <translation>{lost} gehen in {body} verloren: wie warm es dort wird, folgt aus der Größe, die niemand gesagt hat.</translation>
    </message>
    <message>
        <source>{lost} lost a day; nothing is lost at best.</source>
        <translation>{lost} am Tag verloren; im besten Fall nichts.</translation>
    </message>
    <message>
        <source>{loud} shares {converter} with {quiet}, which is sensitive.</source>
        <translation>{loud} teilt {converter} mit {quiet}, das empfindlich ist.</translation>
    </message>
    <message>
        <source>{lower} and {higher} have plugs of one kind at {volts} and {volts_2}: one fits the other's socket.</source>
        <translation>{lower} und {higher} haben Stecker einer Art bei {volts} und {volts_2}: der eine passt in die Buchse des anderen.</translation>
    </message>
    <message>
        <source>{lower} wants a number that its partners share, such as {lower} 1</source>
        <translation>{lower} braucht eine Nummer, die seine Partner teilen, etwa {lower} 1</translation>
    </message>
    <message>
        <source>{lowest} – {highest}, {typical} typical ({power} constant power)</source>
        <translation>{lowest} – {highest}, typisch {typical} ({power} konstante Leistung)</translation>
    </message>
    <message>
        <source>{lowest} – {highest}, {typical} typical{resistance| (a resistance)|}</source>
        <translation>{lowest} – {highest}, typisch {typical}{resistance| (ein Widerstand)|}</translation>
    </message>
    <message>
        <source>{mark}, with its plug</source>
        <translation>{mark}, mit seinem Stecker</translation>
    </message>
    <message>
        <source>{mark}, {length}, for {part}</source>
        <translation>{mark}, {length}, für {part}</translation>
    </message>
    <message>
        <source>{mass}; the lightest pack that serves weighs {mass_2}: no plan is lighter by more than {margin}.</source>
        <translation>{mass}; der leichteste Akku, der genügt, wiegt {mass_2}: kein Plan ist um mehr als {margin} leichter.</translation>
    </message>
    <message>
        <source>{material}{sealed|, sealed|}</source>
        <translation>{material}{sealed|, abgedichtet|}</translation>
    </message>
    <message>
        <source>{meaning}
A: {first}, now: {now}</source>
        <translation>{meaning}
A: {first}, jetzt: {now}</translation>
    </message>
    <message>
        <source>{mine} is yours; plans can use it.</source>
        <translation>{mine} ist deines; Pläne können es verwenden.</translation>
    </message>
    <message>
        <source>{minus|All − together|All + together}: to {leads_words}.</source>
        <translation>{minus|Alle − zusammen|Alle + zusammen}: an {leads_words}.</translation>
    </message>
    <message>
        <source>{modules} modules</source>
        <translation>{modules} Module</translation>
    </message>
    <message>
        <source>{module}, nothing on its output</source>
        <translation>{module}, nichts am Ausgang</translation>
    </message>
    <message>
        <source>{mohm_ah} mΩ·Ah ÷ {capacity} × {series} in series ÷ {parallel} in parallel, at {air}: {ohm}</source>
        <translation>{mohm_ah} mΩ·Ah ÷ {capacity} × {series} in Reihe ÷ {parallel} parallel, bei {air}: {ohm}</translation>
    </message>
    <message>
        <source>{more_or_less} of drop</source>
        <translation>{more_or_less} Spannungsfall</translation>
    </message>
    <message>
        <source>{more_or_less} of wire</source>
        <translation>{more_or_less} Draht</translation>
    </message>
    <message>
        <source>{more} more, as the finding of each vital load names them.</source>
        <translation>{more} weitere, wie der Befund jedes kritischen Verbrauchers sie nennt.</translation>
    </message>
    <message>
        <source>{name_of_pack}: {mass}, {run_time}</source>
        <translation>{name_of_pack}: {mass}, {run_time}</translation>
    </message>
    <message>
        <source>{named}: dome nut tight until the lead no longer turns in its seal.</source>
        <translation>{named}: Hutmutter anziehen, bis sich die Leitung in der Dichtung nicht mehr dreht.</translation>
    </message>
    <message>
        <source>{named}: sealant round each wire and between them, from both sides; a day to cure.</source>
        <translation>{named}: Dichtmasse um jeden Draht und dazwischen, von beiden Seiten; einen Tag aushärten.</translation>
    </message>
    <message>
        <source>{names} and {names_2} both feed {hub}: the higher one carries all.</source>
        <translation>{names} und {names_2} speisen beide {hub}: der höhere trägt alles.</translation>
    </message>
    <message>
        <source>{names} rests on typical figures: measure it before you buy for it.</source>
        <translation>{names} beruht auf üblichen Werten: miss ihn, ehe du dafür kaufst.</translation>
    </message>
    <message>
        <source>{name} has no place yet</source>
        <translation>{name} hat noch keinen Ort</translation>
    </message>
    <message>
        <source>{name} is no longer among your own.</source>
        <translation>{name} ist nicht mehr unter deinen eigenen.</translation>
    </message>
    <message>
        <source>{name} is removed, with its feed.</source>
        <translation>{name} ist entfernt, mit seiner Zuleitung.</translation>
    </message>
    <message>
        <source>{name} must be reachable with everything closed, but {obstacle} {count|comes|come} off first.</source>
        <translation>{name} soll geschlossen erreichbar sein, und {obstacle} {count|kommt|kommen} vorher ab.</translation>
    </message>
    <message>
        <source>{name} must be reachable with one lid off, but {obstacle} come off first.</source>
        <translation>{name} soll mit einem Deckel ab erreichbar sein, und {obstacle} kommen vorher ab.</translation>
    </message>
    <message>
        <source>{name} needs {behind} behind the wall of {body}, which is {room} deep inside at the most.</source>
        <translation>{name} braucht {behind} hinter der Wand von {body}, das innen höchstens {room} misst.</translation>
    </message>
    <message>
        <source>{name} now has measured figures: {typical} typical, {peak} peak.</source>
        <translation>{name} hat jetzt gemessene Werte: {typical} üblich, {peak} Spitze.</translation>
    </message>
    <message>
        <source>{name} on</source>
        <translation>{name} ein</translation>
    </message>
    <message>
        <source>{name} switch</source>
        <translation>Schalter {name}</translation>
    </message>
    <message>
        <source>{name} {cut_out|opens|closes} above {at}: {cut_out_2|open|closed} now.</source>
        <translation>{name} {cut_out|öffnet|schließt} über {at}: jetzt {cut_out_2|offen|geschlossen}.</translation>
    </message>
    <message>
        <source>{name} · {kind} · your own</source>
        <translation>{name} · {kind} · dein eigenes</translation>
    </message>
    <message>
        <source>{name}: brackets nested deeper than {deepest}</source>
        <translation>{name}: Klammern tiefer geschachtelt als {deepest}</translation>
    </message>
    <message>
        <source>{name}: cannot be checked: {reason}</source>
        <translation>{name}: lässt sich nicht prüfen: {reason}</translation>
    </message>
    <message>
        <source>{name}: not valid JSON: {reason}</source>
        <translation>{name}: kein gültiges JSON: {reason}</translation>
    </message>
    <message>
        <source>{name}: the catalogue holds no part “{type}”.</source>
        <translation>{name}: der Katalog hat kein Teil „{type}“.</translation>
    </message>
    <message>
        <source>{name}: {inline} is rated for {rated}; {continuous} is drawn.</source>
        <translation>{name}: {inline} ist für {rated} ausgelegt, verlangt werden {continuous}.</translation>
    </message>
    <message>
        <source>{name}: {inline} is rated for {voltage}, gets {highest_end}.</source>
        <translation>{name}: {inline} ist für {voltage} ausgelegt, bekommt {highest_end}.</translation>
    </message>
    <message>
        <source>{name}: {inline} saturates at {saturation}; the peak is {peak}.</source>
        <translation>{name}: {inline} sättigt bei {saturation}; die Spitze ist {peak}.</translation>
    </message>
    <message>
        <source>{nominal} is {how}: {lowest} – {highest}</source>
        <translation>{nominal} ist {how}: {lowest} – {highest}</translation>
    </message>
    <message>
        <source>{now}: {list}</source>
        <translation>{now}: {list}</translation>
    </message>
    <message>
        <source>{number} day</source>
        <translation>{number} Tag</translation>
    </message>
    <message>
        <source>{number} days</source>
        <translation>{number} Tage</translation>
    </message>
    <message>
        <source>{obstacle}{hot| of {heat}|}{round| of {radius} inside|}{turns| that turns {degrees}°|}</source>
        <translation>{obstacle}{hot| mit {heat}|}{round| mit {radius} innen|}{turns|, um {degrees}° drehend|}</translation>
    </message>
    <message>
        <source>{obstacle}{placed|, at {at}|}</source>
        <translation>{obstacle}{placed|, bei {at}|}</translation>
    </message>
    <message>
        <source>{of} · {rest} left</source>
        <translation>{of} · {rest} bleiben</translation>
    </message>
    <message>
        <source>{ohm} as said, a fifth either way, and its lead.</source>
        <translation>{ohm} wie gesagt, ein Fünftel hin oder her, und seine Leitung.</translation>
    </message>
    <message>
        <source>{opening} comes before {other}</source>
        <translation>{opening} kommt vor {other}</translation>
    </message>
    <message>
        <source>{opening}{placed| at {at}|}</source>
        <translation>{opening}{placed| bei {at}|}</translation>
    </message>
    <message>
        <source>{other} is joined to {pack} without a charger between them.</source>
        <translation>{other} ist mit {pack} verbunden, ohne Ladegerät dazwischen.</translation>
    </message>
    <message>
        <source>{out_amps} of {rated}</source>
        <translation>{out_amps} von {rated}</translation>
    </message>
    <message>
        <source>{pack_summary}, {form_words}: {direct} of the energy needs no converter; {modules} {modules|rail|rails} to be made.</source>
        <translation>{pack_summary}, {form_words}: {direct} der Energie braucht keinen Wandler; {modules} {modules|Schiene|Schienen} sind zu bilden.</translation>
    </message>
    <message>
        <source>{packed} fill {fill} of {bore}</source>
        <translation>{packed} füllen {fill} von {bore}</translation>
    </message>
    <message>
        <source>{packed} need {needed}</source>
        <translation>{packed} brauchen {needed}</translation>
    </message>
    <message>
        <source>{packed} pack into {kept}; it is {bore} wide, {fill} full</source>
        <translation>{packed} packen sich zu {kept}; sie ist {bore} weit, {fill} voll</translation>
    </message>
    <message>
        <source>{packed} pack into {needed}; its width is not given</source>
        <translation>{packed} packen sich zu {needed}; wie weit sie ist, hat niemand gesagt</translation>
    </message>
    <message>
        <source>{packed} {one|fills|fill} {share}</source>
        <translation>{packed} {one|füllt|füllen} {share}</translation>
    </message>
    <message>
        <source>{packed} {packs_one|needs|need} {kept} and the {opening} is {bore}.</source>
        <translation>{packed} {packs_one|braucht|brauchen} {kept}, und das ist {opening}: {bore}.</translation>
    </message>
    <message>
        <source>{panel} gives {current} at the most; the pack it charges feeds far more back through this lead.</source>
        <translation>{panel} gibt höchstens {current}; was es lädt, gibt weit mehr, rückwärts durch diese Leitung.</translation>
    </message>
    <message>
        <source>{panel} yields {good} on a {never|good|poor} day; {used} is used.</source>
        <translation>{panel} bringt {good} an einem {never|guten|schlechten} Tag; {used} gehen hinaus.</translation>
    </message>
    <message>
        <source>{parts} does not run empty: its current at any instant is the limit.</source>
        <translation>{parts} wird nicht leer: es zählt, was in einem Augenblick verlangt wird.</translation>
    </message>
    <message>
        <source>{parts}: {poor} on a poor day, {good} on a good one, against {used} used.</source>
        <translation>{parts}: {poor} an einem schlechten Tag, {good} an einem guten, gegen {used} Verbrauch.</translation>
    </message>
    <message>
        <source>{parts}: {used} a day, down to {lowest_charge}, runs {run_time}.</source>
        <translation>{parts}: {used} am Tag, hinab auf {lowest_charge}, läuft {run_time}.</translation>
    </message>
    <message>
        <source>{parts}: {used} a day.</source>
        <translation>{parts}: {used} am Tag.</translation>
    </message>
    <message>
        <source>{part} at {place} instead of {place_2} takes {length} less wire.</source>
        <translation>{part} bei {place} statt {place_2} braucht {length} weniger Draht.</translation>
    </message>
    <message>
        <source>{part} cannot be served: {reason}.</source>
        <translation>{part} lässt sich nicht versorgen: {reason}.</translation>
    </message>
    <message>
        <source>{part} for {use}</source>
        <translation>{part} für {use}</translation>
    </message>
    <message>
        <source>{part} for {warm}{size}</source>
        <translation>{part} für {warm}{size}</translation>
    </message>
    <message>
        <source>{part} goes through the {opening} in the wall of {body}, which it does not pass.</source>
        <translation>{part} führt durch {opening} in der Wand von {body}, an der sie nicht vorbeikommt.</translation>
    </message>
    <message>
        <source>{part} is fed by {count} sources at one input: they drive each other. Keep one.</source>
        <translation>{part} wird {count}-fach gespeist: zwei Quellen an einem Eingang kämpfen. Behalte eine.</translation>
    </message>
    <message>
        <source>{part} is fed from {how}, through {lead}: a loop has no source.</source>
        <translation>{part} wird von {how} gespeist, über {lead}: ein Ring hat keine Quelle.</translation>
    </message>
    <message>
        <source>{part} is in no body.</source>
        <translation>{part} liegt in keinem Gehäuse.</translation>
    </message>
    <message>
        <source>{part} is in {body}.</source>
        <translation>{part} liegt in {body}.</translation>
    </message>
    <message>
        <source>{part} is inside {body} already.</source>
        <translation>{part} ist schon in {body}.</translation>
    </message>
    <message>
        <source>{part} is not connected to a source</source>
        <translation>{part} hängt an keiner Quelle</translation>
    </message>
    <message>
        <source>{part} is stuck down and needs access: keep {access} free of adhesive.</source>
        <translation>{part} wird festgeklebt und muss zugänglich bleiben: Halte frei von Kleber: {access}.</translation>
    </message>
    <message>
        <source>{part} is wet, and the {opening} there lets water in along the wires.</source>
        <translation>Bei {part} ist es nass, und {opening} dort lässt Wasser an den Drähten entlang.</translation>
    </message>
    <message>
        <source>{part} lead</source>
        <translation>Leitung {part}</translation>
    </message>
    <message>
        <source>{part} meets it {at} from {part_2}</source>
        <translation>{part} trifft sie {at} von {part_2}</translation>
    </message>
    <message>
        <source>{part} opens after {part_2} is damaged: that is rated for {most}.</source>
        <translation>{part} öffnet, nachdem {part_2} Schaden genommen hat: das verträgt {most}.</translation>
    </message>
    <message>
        <source>{part} passes the wall of {wall}: through which opening?</source>
        <translation>{part} geht durch die Wand von {wall}: durch welche Öffnung?</translation>
    </message>
    <message>
        <source>{part} sits on {part_2}: how far above ambient does that get in use?</source>
        <translation>{part} sitzt auf {part_2}: wie viel wärmer als die Luft wird das bei der Arbeit?</translation>
    </message>
    <message>
        <source>{part} sits {place}, which only reaches {hottest}: it will never close.</source>
        <translation>{part} sitzt {place}, wo nur {hottest} erreicht werden: er schließt nie.</translation>
    </message>
    <message>
        <source>{part} sits {place}, which reaches {hottest} in normal use: it will cut out.</source>
        <translation>{part} sitzt {place}, wo im normalen Betrieb {hottest} erreicht werden: er schaltet ab.</translation>
    </message>
    <message>
        <source>{part} {terminal} takes {room} and {wires} land on it.</source>
        <translation>{part} {terminal} nimmt {room}, und {wires} landen darauf.</translation>
    </message>
    <message>
        <source>{part} − to the frame</source>
        <translation>{part} − zum Rahmen</translation>
    </message>
    <message>
        <source>{part} − to {other} −</source>
        <translation>{part} − zu {other} −</translation>
    </message>
    <message>
        <source>{part}, {words}; its menu changes or removes it</source>
        <translation>{part}, {words}; sein Menü ändert oder entfernt es</translation>
    </message>
    <message>
        <source>{part}: {area} of copper{wings|, wings for {grip_least} to {grip_most} of insulation; here are {bundle}|}.</source>
        <translation>{part}: {area} Kupfer{wings|, Laschen für {grip_least} bis {grip_most} Isolierung; hier sind es {bundle}|}.</translation>
    </message>
    <message>
        <source>{part}: {continuous} continuously, {peak} peak</source>
        <translation>{part}: {continuous} dauernd, {peak} Spitze</translation>
    </message>
    <message>
        <source>{part}: {polarity}.</source>
        <translation>{part}: {polarity}.</translation>
    </message>
    <message>
        <source>{path} could not be moved to the trash, and stays.</source>
        <translation>{path} konnte nicht in den Papierkorb gelegt werden und bleibt.</translation>
    </message>
    <message>
        <source>{peak} in the one-second peak; its cells are rated for {rating}</source>
        <translation>{peak} in der stärksten Sekunde; seine Zellen vertragen {rating}</translation>
    </message>
    <message>
        <source>{phases}: {current} on average, {peak} with all that runs at its peak together</source>
        <translation>{phases}: im Mittel {current}, mit allem Laufenden auf Spitze zusammen {peak}</translation>
    </message>
    <message>
        <source>{phase} charges {source} in air down to {coldest}: below 0 °C lithium plating damages the cells.</source>
        <translation>{phase} lädt {source} in Luft bis hinab auf {coldest}: unter 0 °C scheidet sich Lithium ab.</translation>
    </message>
    <message>
        <source>{phase} charges {source} with {charge_current}; its charger gives {charger_current}.</source>
        <translation>{phase} lädt {source} mit {charge_current}; das Ladegerät gibt {charger_current}.</translation>
    </message>
    <message>
        <source>{phase} charges {source} with {charge_current}; {usual} is recommended.</source>
        <translation>{phase} lädt {source} mit {charge_current}; er mag {usual}.</translation>
    </message>
    <message>
        <source>{phase} lasts {wanted}</source>
        <translation>{phase} dauert {wanted}</translation>
    </message>
    <message>
        <source>{phase}, {charge:.0f} % charge, {air}, all at peak</source>
        <translation>{phase}, {charge:.0f} % Ladung, {air}, alle an ihrer Spitze</translation>
    </message>
    <message>
        <source>{phase}, {charge:.0f} % charge, {air}: {loads}</source>
        <translation>{phase}, {charge:.0f} % Ladung, {air}: {loads}</translation>
    </message>
    <message>
        <source>{phase}, {charge:.0f} % charge, {air}{peak|, all at peak|}</source>
        <translation>{phase}, {charge:.0f} % Ladung, {air}{peak|, alles am höchsten|}</translation>
    </message>
    <message>
        <source>{phase}: {lasts} on the charger, nothing out of the pack</source>
        <translation>{phase}: {lasts} am Ladegerät, nichts aus dem Akku</translation>
    </message>
    <message>
        <source>{phase}: {lasts} × {power} on average = {used}</source>
        <translation>{phase}: {lasts} × {power} im Mittel = {used}</translation>
    </message>
    <message>
        <source>{pieces} pieces from {offcuts} offcuts and {length} of new wire, {rest} left over.</source>
        <translation>{pieces} Stücke aus {offcuts} Resten und {length} neuem Draht, {rest} bleiben übrig.</translation>
    </message>
    <message>
        <source>{place} block</source>
        <translation>Block {place}</translation>
    </message>
    <message>
        <source>{place} power block</source>
        <translation>Leistungsblock {place}</translation>
    </message>
    <message>
        <source>{place}: a {kind} needs a tool you do not have: {first}.</source>
        <translation>{place}: {kind} will ein Werkzeug, das du nicht hast: {first}.</translation>
    </message>
    <message>
        <source>{place}: a {kind} takes {least} to {most}; the wire here has {copper}.</source>
        <translation>{place}: {kind} nimmt {least} bis {most}; hier sind es {copper}.</translation>
    </message>
    <message>
        <source>{place}: a {part} is made for {sizes}; its stud is M{stud:g}.</source>
        <translation>{place}: ein {part} ist für {sizes} gemacht; sein Bolzen ist M{stud:g}.</translation>
    </message>
    <message>
        <source>{place}: no joint is chosen.</source>
        <translation>{place}: keine Verbindung ist gewählt.</translation>
    </message>
    <message>
        <source>{place}: no tube {at_hand|at hand|in the list} covers {one|it|them}; {one|it|they} would stay bare.</source>
        <translation>{place}: Kein {at_hand|vorhandener Schlauch|Schlauch der Liste} deckt {one|sie|sie}; {one|sie bliebe|sie blieben} blank.</translation>
    </message>
    <message>
        <source>{place}: the insulation wings of a {part} suit {grip_least} to {grip_most}; the insulation here is {outer}.</source>
        <translation>{place}: die hinteren Flügel eines {part} schließen um {grip_least} bis {grip_most} Isolierung; hier sind es {outer}.</translation>
    </message>
    <message>
        <source>{plan}: {count} steps</source>
        <translation>{plan}: {count} Schritte</translation>
    </message>
    <message>
        <source>{plan}{unsaved| •|} — Sangre</source>
        <translation>{plan}{unsaved| •|} — Sangre</translation>
    </message>
    <message>
        <source>{plugs} plugs</source>
        <translation>{plugs} Stecker</translation>
    </message>
    <message>
        <source>{plug}, pair</source>
        <translation>{plug}, Paar</translation>
    </message>
    <message>
        <source>{poor} – {good} a day</source>
        <translation>{poor} – {good} am Tag</translation>
    </message>
    <message>
        <source>{power} × {sun_high} h × 75 % × 90 % = {good} on a good one</source>
        <translation>{power} × {sun_high} h × 75 % × 90 % = {good} an einem guten</translation>
    </message>
    <message>
        <source>{power} × {sun_low} h × 75 % × 90 % = {poor} on a poor day</source>
        <translation>{power} × {sun_low} h × 75 % × 90 % = {poor} an einem schlechten Tag</translation>
    </message>
    <message>
        <source>{power} × {sun_low} – {sun_high} h × 75 % for dirt, tilt and warmth × 90 % of its controller</source>
        <translation>{power} × {sun_low} – {sun_high} h × 75 % für Schmutz, Neigung und Wärme × 90 % seines Reglers</translation>
    </message>
    <message>
        <source>{practices}; then {count|{step}|{count} steps further}</source>
        <translation>{practices}; dann {count|{step}|{count} Schritte weiter}</translation>
    </message>
    <message>
        <source>{quiet} shares the supply {part} with {loud}, without a filter.</source>
        <translation>{quiet} hängt an {part} neben {loud}, ohne etwas dazwischen.</translation>
    </message>
    <message>
        <source>{rails} {rails|rail|rails} to be made from it.</source>
        <translation>{rails} {rails|Schiene|Schienen} daraus zu machen.</translation>
    </message>
    <message>
        <source>{rail} for {load}</source>
        <translation>{rail} für {load}</translation>
    </message>
    <message>
        <source>{rail} is itself fed by {other}</source>
        <translation>{rail} wird selbst von {other} gespeist</translation>
    </message>
    <message>
        <source>{rail} is not a rail</source>
        <translation>{rail} ist keine Schiene</translation>
    </message>
    <message>
        <source>{rail} is not a rail that is fed</source>
        <translation>{rail} ist keine Schiene, die gespeist wird</translation>
    </message>
    <message>
        <source>{ranges} {ranges|load has|loads have} only a nominal voltage said, taken as a battery's range</source>
        <translation>{ranges} {ranges|Verbraucher hat|Verbraucher haben} nur eine Nennspannung, genommen als Bereich eines Akkus</translation>
    </message>
    <message>
        <source>{rated} plug</source>
        <translation>Stecker {rated}</translation>
    </message>
    <message>
        <source>{rated} rated × {derating} = {derated} derated</source>
        <translation>{rated} Nennwert × {derating} = {derated} herabgesetzt</translation>
    </message>
    <message>
        <source>{rated} × 80 %{feeds| − {already}|} leaves {left} for this.</source>
        <translation>{rated} × 80 %{feeds| − {already}|} lässt {left} hierfür.</translation>
    </message>
    <message>
        <source>{rating} fuse, latest</source>
        <translation>Sicherung {rating}, spätestens</translation>
    </message>
    <message>
        <source>{readings} {readings|reading|readings} to take</source>
        <translation>{readings} {readings|Messung|Messungen} zu machen</translation>
    </message>
    <message>
        <source>{reason}; or type it as {parts} loads, where it can be wired as such</source>
        <translation>{reason}; oder schreibe es als {parts} Verbraucher, wo es sich so verdrahten lässt</translation>
    </message>
    <message>
        <source>{reason}; straight from a pack it would have to withstand what the pack has: {pack}</source>
        <translation>{reason}; direkt an einem Akku müsste es vertragen, was dieser hat: {pack}</translation>
    </message>
    <message>
        <source>{recovered} recovered ≤ 0.9 × {hold} it must grip</source>
        <translation>{recovered} geschrumpft ≤ 0,9 × {hold}, die er fassen muss</translation>
    </message>
    <message>
        <source>{refused} ruled out: unsafe, or too small for the day.</source>
        <translation>{refused} ausgeschieden: unsicher oder zu klein für den Tag.</translation>
    </message>
    <message>
        <source>{repeats_per_day} times</source>
        <translation>{repeats_per_day}-mal</translation>
    </message>
    <message>
        <source>{rest} at rest, {ohm} inside</source>
        <translation>{rest} in Ruhe, {ohm} innen</translation>
    </message>
    <message>
        <source>{return_wire} alone: {supply} begins at the tap. Under a bolt of the frame, bare metal, as near as there is one.</source>
        <translation>{return_wire} allein: {supply} beginnt am Abgriff. Unter eine Schraube des Rahmens, blankes Metall, so nah es eine gibt.</translation>
    </message>
    <message>
        <source>{ripple} of ripple within {ripple_rise}, {apart} between the pairs: {henry_per_m} nH a metre.</source>
        <translation>{ripple} Welligkeit in {ripple_rise}, {apart} zwischen den Paaren: {henry_per_m} nH je Meter.</translation>
    </message>
    <message>
        <source>{rise} K on {part}</source>
        <translation>{rise} K auf {part}</translation>
    </message>
    <message>
        <source>{runs} past the {obstacle} at {part}: {advice}.</source>
        <translation>{runs} an: {obstacle} bei {part}: {advice}.</translation>
    </message>
    <message>
        <source>{several|{packs}: usable capacity|Usable capacity} at {air}: {amp_hours}; empty at {cutoff}.</source>
        <translation>{several|{packs}: nutzbare Kapazität|Nutzbare Kapazität} bei {air}: {amp_hours}; leer bei {cutoff}.</translation>
    </message>
    <message>
        <source>{share} % of the plans tried</source>
        <translation>{share} % der Pläne versucht</translation>
    </message>
    <message>
        <source>{share} % of the questions</source>
        <translation>{share} % der Fragen</translation>
    </message>
    <message>
        <source>{share} of that circle is filled</source>
        <translation>{share} dieses Kreises sind gefüllt</translation>
    </message>
    <message>
        <source>{short_name} cells make {made}, not {volts}; say how many in series, such as {series}S</source>
        <translation>{short_name} Zellen ergeben {made}, nicht {volts}; sag, wie viele in Reihe, etwa {series}S</translation>
    </message>
    <message>
        <source>{signal_lead} carries {volts}. Mains and everything from 60 V DC up is outside this tool: stop, and ask a qualified person under the local code.</source>
        <translation>{signal_lead} führt {volts}. Netzspannung und alles ab 60 V Gleichspannung liegt außerhalb dieses Werkzeugs: aufhören und eine Fachkraft nach örtlicher Vorschrift fragen.</translation>
    </message>
    <message>
        <source>{signed_words} of run time</source>
        <translation>{signed_words} Laufzeit</translation>
    </message>
    <message>
        <source>{sign}{points} points</source>
        <translation>{sign}{points} Punkte</translation>
    </message>
    <message>
        <source>{single_point}: check every nut and screw by hand and mark it with a line of paint.</source>
        <translation>{single_point}: jede Mutter und Schraube von Hand, ein Lackstrich darüber.</translation>
    </message>
    <message>
        <source>{single_point}: guarded, or locked on.</source>
        <translation>{single_point}: geschützt oder verriegelt.</translation>
    </message>
    <message>
        <source>{single_point}: home, latched, tied; tug it.</source>
        <translation>{single_point}: ganz drin, eingerastet, gebunden; zieh daran.</translation>
    </message>
    <message>
        <source>{size} across</source>
        <translation>{size} breit</translation>
    </message>
    <message>
        <source>{size} in the wall of {body}</source>
        <translation>{size} in der Wand von {body}</translation>
    </message>
    <message>
        <source>{size} is not rated for the current that flows continuously.</source>
        <translation>{size} ist nicht für den Dauerstrom ausgelegt.</translation>
    </message>
    <message>
        <source>{size} is not rated for the peak.</source>
        <translation>{size} ist nicht für die Spitze ausgelegt.</translation>
    </message>
    <message>
        <source>{size} would not last the day in {air}.</source>
        <translation>{size} würde in {air} nicht für den Tag reichen.</translation>
    </message>
    <message>
        <source>{size} would sag below its cut-off at its peak, at {charge} charge.</source>
        <translation>{size} würde an der Spitze zu weit einbrechen, bei {charge} Ladung.</translation>
    </message>
    <message>
        <source>{size} {size|length is|lengths are} a guess of {guessed_length}. Measure along the path, not straight across.</source>
        <translation>{size} {size|Länge ist|Längen sind} eine Schätzung von {guessed_length}. Miss den Weg, nicht die Luftlinie.</translation>
    </message>
    <message>
        <source>{sources} kept: {source_summary}</source>
        <translation>{sources} behalten: {source_summary}</translation>
    </message>
    <message>
        <source>{sources} reaches {reaches}. Everything from 60 V DC up is outside this tool: {kind|use fewer cells in series|stop, and ask a qualified person under the local code}.</source>
        <translation>{sources} erreicht {reaches}. Alles ab 60 V Gleichspannung liegt außerhalb dieses Werkzeugs: {kind|nimm weniger Zellen in Reihe|aufhören und eine Fachkraft nach örtlicher Vorschrift fragen}.</translation>
    </message>
    <message>
        <source>{sources} sources</source>
        <translation>{sources} Quellen</translation>
    </message>
    <message>
        <source>{sources}; heat balance Churchill &amp; Chu 1975; bunching IEC 60364-5-52</source>
        <translation>{sources}; Wärmebilanz Churchill &amp; Chu 1975; Häufung IEC 60364-5-52</translation>
    </message>
    <message>
        <source>{source} at rest</source>
        <translation>{source} in Ruhe</translation>
    </message>
    <message>
        <source>{source} cannot supply the current of {limits_at}: it folds back and restarts.</source>
        <translation>{source} kann nicht geben, was {limits_at} verlangt: es knickt ein und startet wieder.</translation>
    </message>
    <message>
        <source>{source} connected</source>
        <translation>{source} angeschlossen</translation>
    </message>
    <message>
        <source>{source} feeds nothing.</source>
        <translation>{source} speist nichts.</translation>
    </message>
    <message>
        <source>{source} fuse, {rating}</source>
        <translation>Sicherung von {source}, {rating}</translation>
    </message>
    <message>
        <source>{source} gives {pack_max_current} continuously; the plan draws {asked}.</source>
        <translation>{source} gibt dauernd {pack_max_current}; der Plan verlangt {asked}.</translation>
    </message>
    <message>
        <source>{source} has a cell that holds {weakest_cell} of the others: it is empty first and can be reversed.</source>
        <translation>{source} hat eine Zelle, die nur {weakest_cell} der anderen fasst: sie ist zuerst leer und kann umgepolt werden.</translation>
    </message>
    <message>
        <source>{source} has no outlet to feed {part} from.</source>
        <translation>{source} hat keinen Abgang, aus dem {part} gespeist werden kann.</translation>
    </message>
    <message>
        <source>{source} has no voltage: say it, such as 12 V.</source>
        <translation>{source} hat keine Spannung: sag sie, etwa 12 V.</translation>
    </message>
    <message>
        <source>{source} is empty before the day is over: it lasts {run_time}.</source>
        <translation>{source} ist leer, ehe der Tag um ist: er hält {run_time}.</translation>
    </message>
    <message>
        <source>{source} is itself fed by {part}; that would be a loop.</source>
        <translation>{source} wird selbst von {part} gespeist; das wäre ein Kreis.</translation>
    </message>
    <message>
        <source>{source} is rated for {rated}; {all} is drawn continuously.</source>
        <translation>{source} gibt {rated}; dauernd verlangt werden {all}.</translation>
    </message>
    <message>
        <source>{source} is worn: {health} of its capacity, {ageing_factor} × its resistance.</source>
        <translation>{source} ist verbraucht: {health} seiner Kapazität, {ageing_factor} × seines Widerstands.</translation>
    </message>
    <message>
        <source>{source} is {chemistry} and cannot be charged, yet {phase} charges it.</source>
        <translation>{source} ist {chemistry} und lässt sich nicht laden, doch {phase} lädt ihn.</translation>
    </message>
    <message>
        <source>{source} is {chemistry} and has a charger; such cells cannot be charged.</source>
        <translation>{source} ist {chemistry} und hat ein Ladegerät; solche Zellen lassen sich nicht laden.</translation>
    </message>
    <message>
        <source>{source} moves from {lowest} down to {highest}: the two are swapped.</source>
        <translation>{source} bewegt sich von {lowest} hinab auf {highest}: die beiden sind vertauscht.</translation>
    </message>
    <message>
        <source>{source} names a chemistry “{chemistry}” that the catalogue does not hold.</source>
        <translation>{source} nennt eine Chemie „{chemistry}“, die der Katalog nicht hat.</translation>
    </message>
    <message>
        <source>{source} output</source>
        <translation>Ausgang von {source}</translation>
    </message>
    <message>
        <source>{source} plug</source>
        <translation>Stecker von {source}</translation>
    </message>
    <message>
        <source>{source} plugged in</source>
        <translation>{source} eingesteckt</translation>
    </message>
    <message>
        <source>{source} sags to {lowest}, below its cut-off of {cutoff}: its protection may switch off.</source>
        <translation>{source} sinkt auf {lowest}, unter seine Abschaltung von {cutoff}: sein Schutz schaltet vielleicht ab.</translation>
    </message>
    <message>
        <source>{source} stores {pack_energy}: above 100 Wh an airline has to approve carrying it.</source>
        <translation>{source} fasst {pack_energy}: über 100 Wh braucht es die Zustimmung der Fluglinie, ihn mitzunehmen.</translation>
    </message>
    <message>
        <source>{source} {pack|plug|lead} + to −</source>
        <translation>{pack|Stecker|Leitung} von {source}, + zu −</translation>
    </message>
    <message>
        <source>{source}'s charger ends at {charger}: it is never full, at {right}.</source>
        <translation>Das Ladegerät von {source} endet bei {charger}: voll ist er nie, mit {right}.</translation>
    </message>
    <message>
        <source>{source}'s charger gives {charger_current}; {usual} is recommended.</source>
        <translation>Das Ladegerät von {source} gibt {charger_current}; er mag {usual}.</translation>
    </message>
    <message>
        <source>{source}'s charger goes up to {charger}; its cells end at {right}.</source>
        <translation>Das Ladegerät von {source} geht bis {charger}; die Zellen enden bei {right}.</translation>
    </message>
    <message>
        <source>{source}'s {fuse} fuse carries {continuous} continuously; {all} is drawn through it.</source>
        <translation>Die Sicherung von {source}, {fuse}, trägt dauernd {continuous}; verlangt werden {all}.</translation>
    </message>
    <message>
        <source>{source}, at the slot to be tapped</source>
        <translation>{source}, am anzuzapfenden Steckplatz</translation>
    </message>
    <message>
        <source>{source}: its hold-down tight; shaken by hand it stays.</source>
        <translation>{source}: der Niederhalter fest; von Hand geschüttelt bleibt er.</translation>
    </message>
    <message>
        <source>{source}: its strap tight; shaken by hand it stays.</source>
        <translation>{source}: das Band fest; von Hand geschüttelt bleibt er.</translation>
    </message>
    <message>
        <source>{source}: its {fuse} fuse is larger than its {wire_area} wire carries.</source>
        <translation>{source}: seine Sicherung {fuse} ist größer, als seine Leitung {wire_area} verträgt.</translation>
    </message>
    <message>
        <source>{source}: mains is no source of this machine. Stop: a licensed person, under the local code.</source>
        <translation>{source}: Netzspannung ist keine Quelle dieser Maschine. Halt: eine Elektrofachkraft, nach den örtlichen Vorschriften.</translation>
    </message>
    <message>
        <source>{source}: screwed into its bracket; shaken by hand it stays.</source>
        <translation>{source}: in den Halter geschraubt; von Hand geschüttelt bleibt er.</translation>
    </message>
    <message>
        <source>{source}: the fuse of its circuit is not given; look in the fuse box.</source>
        <translation>{source}: an welcher Sicherung es hängt, ist nicht gesagt; sieh im Sicherungskasten nach.</translation>
    </message>
    <message>
        <source>{source}; bunching IEC 60364-5-52</source>
        <translation>{source}; Häufung IEC 60364-5-52</translation>
    </message>
    <message>
        <source>{source}; heat balance after Churchill &amp; Chu 1975; bunching IEC 60364-5-52</source>
        <translation>{source}; Wärmebilanz nach Churchill &amp; Chu 1975; Häufung IEC 60364-5-52</translation>
    </message>
    <message>
        <source>{source}; short-circuit limits IEC 60949</source>
        <translation>{source}; Kurzschlussgrenzen IEC 60949</translation>
    </message>
    <message>
        <source>{spare} more than the way needs: coil it and tie it, away from what is warm or sensitive.</source>
        <translation>{spare} mehr, als der Weg braucht: aufwickeln und festbinden, fern von Warmem und Empfindlichem.</translation>
    </message>
    <message>
        <source>{state}; meter on diode test</source>
        <translation>{state}; Messgerät auf Diodentest</translation>
    </message>
    <message>
        <source>{station_name} (Alt+{number})</source>
        <translation>{station_name} (Alt+{number})</translation>
    </message>
    <message>
        <source>{stepped} more derived from the best ones: rails merged or fed from one another, other converters, single wires thinner or thicker, as long as it helped.</source>
        <translation>{stepped} weitere auf dem Weg von den besten aus: Schienen zusammengelegt oder auseinander gespeist, andere Wandler, einzelne Leitungen dünner oder dicker, solange es half.</translation>
    </message>
    <message>
        <source>{steps} {steps|step|steps}</source>
        <translation>{steps} {steps|Schritt|Schritte}</translation>
    </message>
    <message>
        <source>{steps} {steps|step|steps} to do</source>
        <translation>{steps} {steps|Schritt|Schritte} zu tun</translation>
    </message>
    <message>
        <source>{subject} — {change}</source>
        <translation>{subject} — {change}</translation>
    </message>
    <message>
        <source>{summary} is about as good or better in mass, cost, run time and rails</source>
        <translation>{summary} ist etwa gleich gut oder besser in Masse, Kosten, Laufzeit und Schienen</translation>
    </message>
    <message>
        <source>{sun_low} – {sun_high} h of sun</source>
        <translation>{sun_low} – {sun_high} h Sonne</translation>
    </message>
    <message>
        <source>{supply} lands on {landing_sign}, {return_wire} on {landing_sign_2}.</source>
        <translation>{supply} landet auf {landing_sign}, {return_wire} auf {landing_sign_2}.</translation>
    </message>
    <message>
        <source>{supply} lands on {landing_sign}.</source>
        <translation>{supply} landet auf {landing_sign}.</translation>
    </message>
    <message>
        <source>{switch_name} is closed</source>
        <translation>{switch_name} ist geschlossen</translation>
    </message>
    <message>
        <source>{switches} switches</source>
        <translation>{switches} Schalter</translation>
    </message>
    <message>
        <source>{task}: {error}.</source>
        <translation>{task}: {error}.</translation>
    </message>
    <message>
        <source>{terminal} is {role_word} already.</source>
        <translation>{terminal} ist schon {role_word}.</translation>
    </message>
    <message>
        <source>{tesla} µT at {off}, most of it from {lead}; the Earth's field lies at {earth_tesla} µT across.</source>
        <translation>{tesla} µT bei {off}, das meiste von {lead}; das Erdfeld liegt waagrecht bei {earth_tesla} µT.</translation>
    </message>
    <message>
        <source>{there} that it came with, {needed} needed</source>
        <translation>{there} mitgeliefert, {needed} nötig</translation>
    </message>
    <message>
        <source>{thing} at {part}</source>
        <translation>{thing} bei {part}</translation>
    </message>
    <message>
        <source>{thing} can no longer be slid past {other}</source>
        <translation>{thing} lässt sich nicht mehr an {other} vorbeischieben</translation>
    </message>
    <message>
        <source>{thing} comes after the last end</source>
        <translation>{thing} kommt nach dem letzten Ende</translation>
    </message>
    <message>
        <source>{thing} does not pass {opening}</source>
        <translation>{thing} geht nicht durch {opening}</translation>
    </message>
    <message>
        <source>{thing} is forgotten</source>
        <translation>{thing} ist vergessen</translation>
    </message>
    <message>
        <source>{thing} would be in the way at {opening}</source>
        <translation>{thing} wäre bei {opening} im Weg</translation>
    </message>
    <message>
        <source>{times} times a day</source>
        <translation>{times}-mal am Tag</translation>
    </message>
    <message>
        <source>{time} is no peak: that is continuous draw.</source>
        <translation>{time} ist keine Spitze: das zieht es die ganze Zeit.</translation>
    </message>
    <message>
        <source>{time}: a {coil} coil on {lowest_source} – {highest_source}.</source>
        <translation>{time}: eine Spule für {coil} an {lowest_source} – {highest_source}.</translation>
    </message>
    <message>
        <source>{title} ({state}): {value}, nothing to hold it against</source>
        <translation>{title} ({state}): {value}, nichts zum Vergleich</translation>
    </message>
    <message>
        <source>{title} ({state}): {value}, {inside|inside|outside} {window}</source>
        <translation>{title} ({state}): {value}, {inside|innerhalb|außerhalb} von {window}</translation>
    </message>
    <message>
        <source>{title} carries {carries} continuously</source>
        <translation>{title} trägt dauernd {carries}</translation>
    </message>
    <message>
        <source>{title} does not open at {current}</source>
        <translation>{title} öffnet nicht bei {current}</translation>
    </message>
    <message>
        <source>{title} opens at {current} between {when} and {when_2}</source>
        <translation>{title} öffnet bei {current} zwischen {when} und {when_2}</translation>
    </message>
    <message>
        <source>{title} was read outside its window: find out why.</source>
        <translation>{title} lag außerhalb des Fensters: finde heraus, warum.</translation>
    </message>
    <message>
        <source>{title}, back again</source>
        <translation>{title}, wieder zurück</translation>
    </message>
    <message>
        <source>{title}, {state}
red on {red}, black on {black}</source>
        <translation>{title}, {state}
Rot an {red}, Schwarz an {black}</translation>
    </message>
    <message>
        <source>{title}: it sets</source>
        <translation>{title}: es härtet</translation>
    </message>
    <message>
        <source>{title}: last of all</source>
        <translation>{title}: als Allerletztes</translation>
    </message>
    <message>
        <source>{title}; {left} {left|reading|readings} to take.</source>
        <translation>{title}; {left} {left|Messung|Messungen} zu machen.</translation>
    </message>
    <message>
        <source>{title}; {left} {left|step|steps} to do.</source>
        <translation>{title}; {left} {left|Schritt|Schritte} zu tun.</translation>
    </message>
    <message>
        <source>{to_buy} {to_buy|thing|things} to buy, {price}{some| and {unpriced} without a price|}; {at_hand} at hand.</source>
        <translation>{to_buy} {to_buy|Ding|Dinge} zu kaufen, {price}{some| und {unpriced} ohne Preis|}; {at_hand} vorhanden.</translation>
    </message>
    <message>
        <source>{together} cores in parallel: the reading is theirs together.</source>
        <translation>{together} Adern parallel: die Messung ist ihre gemeinsame.</translation>
    </message>
    <message>
        <source>{tried} packs compared that the catalogue's cells make in forms that are sold.</source>
        <translation>{tried} Akkus verglichen, die sich aus Zellen des Katalogs in erhältlichen Formen ergeben.</translation>
    </message>
    <message>
        <source>{tried} packs tried; {serving} of {count} kinds and voltages meet the mission, {front} of them worth comparing.</source>
        <translation>{tried} Akkus versucht; {serving} aus {count} Arten und Spannungen genügen, {front} davon lohnen sich.</translation>
    </message>
    <message>
        <source>{tried} whole plans proposed and studied: each battery that no other beats, with every way to size wires, set rails, separate noise and group leads.</source>
        <translation>{tried} ganze Pläne vorgeschlagen und untersucht: jeder Akku, der sich lohnt, mit jeder Art, Leitungen zu bemessen, Schienen einzustellen, Störungen fernzuhalten und Zuleitungen zu bündeln.</translation>
    </message>
    <message>
        <source>{tube} does both.</source>
        <translation>{tube} tut beides.</translation>
    </message>
    <message>
        <source>{tube}, cut {cut}</source>
        <translation>{tube}, Zuschnitt {cut}</translation>
    </message>
    <message>
        <source>{types} is expected, not {value}</source>
        <translation>{types} wird erwartet, nicht {value}</translation>
    </message>
    <message>
        <source>{type}: {mating_cycles} matings. Worn contacts heat up and weld.</source>
        <translation>{type}: {mating_cycles} Steckungen. Abgenutzte Kontakte werden warm und verschweißen.</translation>
    </message>
    <message>
        <source>{unfed_load} {unfed_load|load is|loads are} not wired: press Propose (Ctrl+Enter).</source>
        <translation>{unfed_load} {unfed_load|Verbraucher ist|Verbraucher sind} nicht verdrahtet: drücke Vorschlagen (Strg+Enter).</translation>
    </message>
    <message>
        <source>{used} × {cut} of {tube}, one on each core, at {part}.</source>
        <translation>{used} × {cut} von {tube}, je eines auf jede Ader, an {part}.</translation>
    </message>
    <message>
        <source>{value_text}: nothing to hold it against.</source>
        <translation>{value_text}: nichts, woran es zu messen wäre.</translation>
    </message>
    <message>
        <source>{value} does not fit the format</source>
        <translation>{value} passt nicht zum Format</translation>
    </message>
    <message>
        <source>{value}, needs {window}</source>
        <translation>{value}, nötig {window}</translation>
    </message>
    <message>
        <source>{volts} full</source>
        <translation>{volts} voll</translation>
    </message>
    <message>
        <source>{volts} now; out and back wires meet here.</source>
        <translation>jetzt {volts}; Hin- und Rückleitungen treffen sich hier.</translation>
    </message>
    <message>
        <source>{volts} rail{always|, always on|}</source>
        <translation>{volts}-Schiene{always|, immer an|}</translation>
    </message>
    <message>
        <source>{volts} through {ohm}: {peak} at the first instant.</source>
        <translation>{volts} durch {ohm}: {peak} im ersten Augenblick.</translation>
    </message>
    <message>
        <source>{volts} ÷ (source {source} + fuse {fuse_resistance} + 2 × {length} × {ohm_per_m} mΩ/m) = {current}</source>
        <translation>{volts} ÷ (Quelle {source} + Sicherung {fuse_resistance} + 2 × {length} × {ohm_per_m} mΩ/m) = {current}</translation>
    </message>
    <message>
        <source>{volts} ÷ {loop} = {peak} at first into {farad}, {loop} × {farad} = {time} long.</source>
        <translation>{volts} ÷ {loop} = {peak} anfangs in {farad}, {loop} × {farad} = {time} lang.</translation>
    </message>
    <message>
        <source>{volts} ÷ {resistor} = {peak} at the first instant, {first_instant}.</source>
        <translation>{volts} ÷ {resistor} = {peak} im ersten Augenblick, {first_instant}.</translation>
    </message>
    <message>
        <source>{volts}, no servo</source>
        <translation>{volts}, kein Servo</translation>
    </message>
    <message>
        <source>{volts}, {amps}</source>
        <translation>{volts}, {amps}</translation>
    </message>
    <message>
        <source>{wanted} apart, on threaded rod</source>
        <translation>{wanted} Abstand, auf Gewindestange</translation>
    </message>
    <message>
        <source>{wanted} × {hold_word}, no more than {apart} between</source>
        <translation>{wanted} × {hold_word}, höchstens {apart} dazwischen</translation>
    </message>
    <message>
        <source>{warm} by the catalogue's typical prices; {unpriced} without one.</source>
        <translation>{warm} nach den üblichen Preisen des Katalogs; {unpriced} ohne Preis.</translation>
    </message>
    <message>
        <source>{warm} of {limit}</source>
        <translation>{warm} von {limit}</translation>
    </message>
    <message>
        <source>{ways} × {length} × {ohm_per_m} mΩ/m{warm} = {copper}, the copper at {drop_copper}</source>
        <translation>{ways} × {length} × {ohm_per_m} mΩ/m{warm} = {copper}, das Kupfer bei {drop_copper}</translation>
    </message>
    <message>
        <source>{where}: {figure}</source>
        <translation>{where}: {figure}</translation>
    </message>
    <message>
        <source>{where}: {figure}, for the {takes}</source>
        <translation>{where}: {figure}, für die {takes}</translation>
    </message>
    <message>
        <source>{whole}: path {length}, cut {cut}</source>
        <translation>{whole}: Weg {length}, abzulängen {cut}</translation>
    </message>
    <message>
        <source>{who}: {type} ({typical} typical, {peak} peak; derated {rated}).</source>
        <translation>{who}: {type} ({typical} üblich, {peak} Spitze; zugetraut werden {rated}).</translation>
    </message>
    <message>
        <source>{wire_area} in PVC carries {carries} in {hottest}.</source>
        <translation>{wire_area} in PVC trägt {carries} bei {hottest}.</translation>
    </message>
    <message>
        <source>{wire_heat} heat in wires</source>
        <translation>{wire_heat} Wärme in Leitungen</translation>
    </message>
    <message>
        <source>{wires_words} in one joint, {kind}</source>
        <translation>{wires_words} in einer Verbindung, {kind}</translation>
    </message>
    <message>
        <source>{wires} wires, {bared} across bared and {over} over their insulation.</source>
        <translation>{wires} Drähte, {bared} breit abisoliert und {over} über ihrer Isolierung.</translation>
    </message>
    <message>
        <source>{wires} {count|runs|run} through the bare {opening} in metal: its edge cuts into {count|it|them}.</source>
        <translation>{wires} {count|läuft|laufen} durch blankes Metall, Öffnung {opening}: die Kante schneidet in {count|das|die}.</translation>
    </message>
    <message>
        <source>{wires} {wires|wire|wires}</source>
        <translation>{wires} {wires|Draht|Drähte}</translation>
    </message>
    <message>
        <source>{wires} {wires|wire|wires} and {more} more</source>
        <translation>{wires} {wires|Draht|Drähte} und {more} weitere</translation>
    </message>
    <message>
        <source>{wires} {wires|wire|wires} of {outer} outside, packed.</source>
        <translation>{wires} {wires|Ader|Adern} von {outer} außen, gepackt.</translation>
    </message>
    <message>
        <source>{wire} and {colour}. Choose another size</source>
        <translation>{wire} und {colour}. Wähle eine andere Größe</translation>
    </message>
    <message>
        <source>{wire} goes on as {wire_2} there: a thinner wire begins with a fuse.</source>
        <translation>{wire} geht dort als {wire_2} weiter: Ein dünnerer Draht beginnt mit einer Sicherung.</translation>
    </message>
    <message>
        <source>{wire} is damaged</source>
        <translation>{wire} nimmt Schaden</translation>
    </message>
    <message>
        <source>{wire} {insulation}: conductor {conductor}, over insulation {outer}</source>
        <translation>{wire} {insulation}: Leiter {conductor}, über der Isolierung {outer}</translation>
    </message>
    <message>
        <source>{wire}{terminated|, a resistor at both ends|}</source>
        <translation>{wire}{terminated|, Widerstand an beiden Enden|}</translation>
    </message>
    <message>
        <source>{words} on {part}</source>
        <translation>{words} auf {part}</translation>
    </message>
    <message>
        <source>{words} switch</source>
        <translation>Schalter {words}</translation>
    </message>
    <message>
        <source>{words}, nothing on the output</source>
        <translation>{words}, nichts am Ausgang</translation>
    </message>
    <message>
        <source>{words}: ways drawn through it meet it there.</source>
        <translation>{words}: Wege, die hindurch gezeichnet sind, treffen dort darauf.</translation>
    </message>
    <message>
        <source>{words}; or add a module that does to Parts</source>
        <translation>{words}; oder einen Wandler, der es kann, bei den Teilen eintragen</translation>
    </message>
    <message>
        <source>{word} not measured yet</source>
        <translation>{word}, noch nicht gemessen</translation>
    </message>
    <message>
        <source>{word}, for an opening of {cutout}</source>
        <translation>{word}, für eine Öffnung von {cutout}</translation>
    </message>
    <message>
        <source>{worth} plans worth comparing, of {count} without a danger</source>
        <translation>{worth} lohnende Pläne, von {count} ohne Gefahr</translation>
    </message>
    <message>
        <source>{wrong}; a name with a comma stands in quotes</source>
        <translation>{wrong}; ein Name mit Komma steht in Anführungszeichen</translation>
    </message>
    <message>
        <source>{} AWG lead</source>
        <translation>Leitung {} AWG</translation>
    </message>
    <message>
        <source>{} AWG leads</source>
        <translation>Leitungen {} AWG</translation>
    </message>
    <message>
        <source>{} Ah</source>
        <translation>{} Ah</translation>
    </message>
    <message>
        <source>{} V AGM block</source>
        <translation>{}-V-AGM-Block</translation>
    </message>
    <message>
        <source>{} V LFP block with its board</source>
        <translation>{}-V-LFP-Block mit Schutzplatine</translation>
    </message>
    <message>
        <source>{} V accessory plug</source>
        <translation>{}-V-Bordstecker</translation>
    </message>
    <message>
        <source>{} V coil</source>
        <translation>Spule {} V</translation>
    </message>
    <message>
        <source>{} V input</source>
        <translation>Eingang {} V</translation>
    </message>
    <message>
        <source>{} V socket supply {} A</source>
        <translation>Steckdosenversorgung {} V {} A</translation>
    </message>
    <message>
        <source>{} W resistor and push button</source>
        <translation>Widerstand {} W und Taster</translation>
    </message>
    <message>
        <source>{} m roll</source>
        <translation>Rolle {} m</translation>
    </message>
    <message>
        <source>{} mV</source>
        <translation>{} mV</translation>
    </message>
    <message>
        <source>{} mm</source>
        <translation>{} mm</translation>
    </message>
    <message>
        <source>{} mm bore</source>
        <translation>Bohrung {} mm</translation>
    </message>
    <message>
        <source>{} to {} V</source>
        <translation>{} bis {} V</translation>
    </message>
    <message>
        <source>{} to {} mm</source>
        <translation>{} bis {} mm</translation>
    </message>
    <message>
        <source>{} to {} mm²</source>
        <translation>{} bis {} mm²</translation>
    </message>
    <message>
        <source>{} × {} mm</source>
        <translation>{} × {} mm</translation>
    </message>
    <message>
        <source>{}-pole</source>
        <translation>{}-polig</translation>
    </message>
    <message>
        <source>{}S pouch pack</source>
        <translation>{}S-Pouch-Akku</translation>
    </message>
    <message>
        <source>{}S racing pouch pack</source>
        <translation>{}S-Hochstrom-Pouch-Akku</translation>
    </message>
    <message>
        <source>½ × {capacitance} × ({volts})² = {energy} J in the capacitors, and as much in the spark and the wires.</source>
        <translation>½ × {capacitance} × ({volts})² = {energy} J in den Kondensatoren und ebenso viel in Funke und Leitungen.</translation>
    </message>
    <message>
        <source>× 1.1 to pull it through and for the grommet: {hole}</source>
        <translation>× 1,1 zum Durchziehen und für die Tülle: {hole}</translation>
    </message>
    <message>
        <source>× {value} is too high.</source>
        <translation>× {value} ist zu hoch.</translation>
    </message>
    <message>
        <source>× {value} is too low.</source>
        <translation>× {value} ist zu niedrig.</translation>
    </message>
    <message>
        <source>—</source>
        <translation>—</translation>
    </message>
    <message>
        <source>“Battery: 8S LFP 35 Ah”: its name, a colon, what it is</source>
        <translation>„Battery: 8S LFP 35 Ah“: Name, Doppelpunkt, was es ist</translation>
    </message>
    <message>
        <source>“Fog pump 12 V 4 A motor noisy”: its name and what it draws</source>
        <translation>„Fog pump 12 V 4 A motor noisy“: sein Name und was er zieht</translation>
    </message>
    <message>
        <source>“Hub board → Pump well”: between which places</source>
        <translation>„Hub board → Pump well“: zwischen welchen Orten</translation>
    </message>
    <message>
        <source>“Hub → Fog pump”: what it runs between</source>
        <translation>„Hub → Fog pump“: wozwischen sie läuft</translation>
    </message>
    <message>
        <source>“cut back” is expected</source>
        <translation>„cut back“ wird erwartet</translation>
    </message>
    <message>
        <source>“{cell}” stands under no heading.</source>
        <translation>„{cell}“ steht unter keiner Überschrift.</translation>
    </message>
    <message>
        <source>“{cell}” under “{heading}” has no unit: write {cell} {usual_unit}, or head the column {heading} ({usual_unit}).</source>
        <translation>„{cell}“ unter „{heading}“ hat keine Einheit: Schreibe {cell} {usual_unit} oder nenne die Spalte {heading} ({usual_unit}).</translation>
    </message>
    <message>
        <source>“{clause}” is not understood; of a {word} can be said: {list_of_words}</source>
        <translation>„{clause}“ wird nicht verstanden; von {word} lässt sich sagen: {list_of_words}</translation>
    </message>
    <message>
        <source>“{id}” is inside itself</source>
        <translation>„{id}“ ist in sich selbst</translation>
    </message>
    <message>
        <source>“{id}” is under itself</source>
        <translation>„{id}“ liegt unter sich selbst</translation>
    </message>
    <message>
        <source>“{id}” is used twice</source>
        <translation>„{id}“ ist zweimal verwendet</translation>
    </message>
    <message>
        <source>“{id}” shares its return with itself</source>
        <translation>„{id}“ teilt die Rückleitung mit sich selbst</translation>
    </message>
    <message>
        <source>“{key}” is missing</source>
        <translation>„{key}“ fehlt</translation>
    </message>
    <message>
        <source>“{key}” is not known here</source>
        <translation>„{key}“ ist hier nicht bekannt</translation>
    </message>
    <message>
        <source>“{name}” is kept: it stands under + Step of your own in every plan.</source>
        <translation>„{name}“ ist behalten: Er steht unter + Eigener Schritt in jedem Plan.</translation>
    </message>
    <message>
        <source>“{name}” lies in the trash.</source>
        <translation>„{name}“ liegt im Papierkorb.</translation>
    </message>
    <message>
        <source>“{part}” is outside {least_air} to {most_air}</source>
        <translation>„{part}“ liegt außerhalb von {least_air} bis {most_air}</translation>
    </message>
    <message>
        <source>“{plan}” has unsaved work, and it cannot be kept for the next start.</source>
        <translation>„{plan}“ hat ungesicherte Arbeit, die nicht bis zum nächsten Start aufbewahrt werden kann.</translation>
    </message>
    <message>
        <source>“{rest}” is not understood here.</source>
        <translation>„{rest}“ wird hier nicht verstanden.</translation>
    </message>
    <message>
        <source>“{school}” in the whole plan, and from now on</source>
        <translation>„{school}“ im ganzen Plan, und von jetzt an</translation>
    </message>
    <message>
        <source>“{short_of}” is not a number; type {dimension}.</source>
        <translation>„{short_of}“ ist keine Zahl; tippe {dimension}.</translation>
    </message>
    <message>
        <source>“{short_of}” is not a unit known here; type {dimension}.</source>
        <translation>„{short_of}“ ist keine hier bekannte Einheit; tippe {dimension}.</translation>
    </message>
    <message>
        <source>“{short_of}” looks like a range, and one value is wanted here: type {dimension}. To subtract, put a space on both sides of the minus.</source>
        <translation>„{short_of}“ sieht wie ein Bereich aus, und hier wird ein Wert gewünscht: tippe {dimension}. Zum Abziehen setze Leerzeichen auf beide Seiten des Minus.</translation>
    </message>
    <message>
        <source>“{symbol}” is no unit of a load; {understood}.</source>
        <translation>„{symbol}“ ist keine Einheit eines Verbrauchers; {understood}.</translation>
    </message>
    <message>
        <source>“{term}” could be {term} % or {term_2} %: type it with the sign.</source>
        <translation>„{term}“ könnte {term} % oder {term_2} % sein: tippe es mit dem Zeichen.</translation>
    </message>
    <message>
        <source>“{text}” could be {count} or {grouped}: write one of them, without a mark for thousands.</source>
        <translation>„{text}“ könnte {count} oder {grouped} sein: schreib eines davon, ohne Tausenderzeichen.</translation>
    </message>
    <message>
        <source>“{text}” could be {value} {symbol} or {grouped} {symbol}: write {value}0 or {grouped} without a mark.</source>
        <translation>„{text}“ könnte {value} {symbol} oder {grouped} {symbol} sein: schreib {value}0 oder {grouped} ohne Zeichen.</translation>
    </message>
    <message>
        <source>“{text}” does not belong there</source>
        <translation>„{text}“ gehört dort nicht hin</translation>
    </message>
    <message>
        <source>“{text}” has no unit, and “{behind}” is none; {understood}.</source>
        <translation>„{text}“ hat keine Einheit, und „{behind}“ ist keine; {understood}.</translation>
    </message>
    <message>
        <source>“{text}” has no unit; type V, A, W or s after it.</source>
        <translation>„{text}“ hat keine Einheit; tippe V, A, W oder s dahinter.</translation>
    </message>
    <message>
        <source>“{text}” has two decimal marks.</source>
        <translation>„{text}“ hat zwei Dezimalzeichen.</translation>
    </message>
    <message>
        <source>“{text}” is none of {words}</source>
        <translation>„{text}“ ist keines von {words}</translation>
    </message>
    <message>
        <source>“{text}” is not a number that can be read in one way</source>
        <translation>„{text}“ ist keine Zahl, die sich auf eine Art lesen lässt</translation>
    </message>
    <message>
        <source>“{text}” is not a number{plain||, or one too large}.</source>
        <translation>„{text}“ ist keine Zahl{plain||, oder eine zu große}.</translation>
    </message>
    <message>
        <source>“{text}” is not a whole number</source>
        <translation>„{text}“ ist keine ganze Zahl</translation>
    </message>
    <message>
        <source>“{text}” is not understood behind “{amount}”.</source>
        <translation>„{text}“ wird hinter „{amount}“ nicht verstanden.</translation>
    </message>
    <message>
        <source>“{text}” is not understood; an area is expected, such as 40 cm²</source>
        <translation>„{text}“ wird nicht verstanden; eine Fläche wird erwartet, etwa 40 cm²</translation>
    </message>
    <message>
        <source>“{text}” is not understood; cubic metres an hour are expected, such as 20 m³/h</source>
        <translation>„{text}“ wird nicht verstanden; Kubikmeter je Stunde werden erwartet, etwa 20 m³/h</translation>
    </message>
    <message>
        <source>“{text}” is not understood; kelvin are expected, such as 25 K</source>
        <translation>„{text}“ wird nicht verstanden; Kelvin werden erwartet, etwa 25 K</translation>
    </message>
    <message>
        <source>“{text}” reads as a range whose ends are of two kinds: leave out what joins them.</source>
        <translation>„{text}“ liest sich als Bereich, dessen Enden zweierlei sind: lass weg, was sie verbindet.</translation>
    </message>
    <message>
        <source>“{text}”: a count from 1 to 500, x, and a diameter above 0 are expected, such as 3x2.1mm</source>
        <translation>„{text}“: eine Anzahl von 1 bis 500, x und ein Durchmesser über 0 werden erwartet, etwa 3x2.1mm</translation>
    </message>
    <message>
        <source>“{text}”: only currents and powers add up.</source>
        <translation>„{text}“: nur Ströme und Leistungen lassen sich zusammenzählen.</translation>
    </message>
    <message>
        <source>“{title}” is meant</source>
        <translation>Gemeint ist „{title}“</translation>
    </message>
    <message>
        <source>“{title}” is to come after “{name}”, and there is no such step.</source>
        <translation>„{title}“ soll nach „{name}“ kommen, und diesen Schritt gibt es nicht.</translation>
    </message>
    <message>
        <source>“{title}” is to come before “{name}”, and there is no such step.</source>
        <translation>„{title}“ soll vor „{name}“ kommen, und diesen Schritt gibt es nicht.</translation>
    </message>
    <message>
        <source>“{to}” feeds itself</source>
        <translation>„{to}“ speist sich selbst</translation>
    </message>
    <message>
        <source>“{value}” is no day: one such as 2026-12-05 is expected</source>
        <translation>„{value}“ ist kein Tag: einer wie 2026-12-05 wird erwartet</translation>
    </message>
    <message>
        <source>“{words}” is no colour of wire; {known} are</source>
        <translation>„{words}“ ist keine Drahtfarbe; bekannt sind {known}</translation>
    </message>
    <message>
        <source>“{word}” begins no line; is “{nearest}” meant?</source>
        <translation>mit „{word}“ beginnt keine Zeile; ist „{nearest}“ gemeint?</translation>
    </message>
    <message>
        <source>“{word}” begins no line; lines begin with {status}</source>
        <translation>„{word}“ beginnt keine Zeile; Zeilen beginnen mit {status}</translation>
    </message>
    <message>
        <source>“{word}” belongs beneath {heading}</source>
        <translation>„{word}“ gehört unter {heading}</translation>
    </message>
    <message>
        <source>“{word}” is missing{any||: one of {values}}</source>
        <translation>„{word}“ fehlt{any||: eines von {values}}</translation>
    </message>
    <message>
        <source>“{word}” is no chemistry; {known} are known</source>
        <translation>„{word}“ ist keine Chemie; bekannt sind {known}</translation>
    </message>
    <message>
        <source>“{word}” is not said of such a {word_2}</source>
        <translation>„{word}“ wird von solchem nicht gesagt: {word_2}</translation>
    </message>
    <message>
        <source>“{word}” is not understood; noisy, sensitive, vital, always on, switched, motor, LED, starter, igniter, heat elsewhere, assumed, regulated, transmitter, idle, peak, start and bridge are.</source>
        <translation>„{word}“ wird nicht verstanden; noisy, sensitive, vital, always on, switched, motor, LED, starter, igniter, heat elsewhere, assumed, regulated, transmitter, idle, peak, start und bridge schon.</translation>
    </message>
    <message>
        <source>“{word}” is not understood; volts, amperes and “already 2 A” are</source>
        <translation>„{word}“ wird nicht verstanden; verstanden werden Volt, Ampere und „already 2 A“</translation>
    </message>
    <message>
        <source>“{word}” is not understood; volts, “15 A fuse”, “already 2 A”, “1.5 mm²”, “2.5 m”, “with the key” or “always” are</source>
        <translation>„{word}“ wird nicht verstanden; verstanden werden Volt, „15 A fuse“, „already 2 A“, „1.5 mm²“, „2.5 m“, „with the key“ oder „always“</translation>
    </message>
    <message>
        <source>“{word}” is not understood; watts, hours of sun and volts are</source>
        <translation>„{word}“ wird nicht verstanden; verstanden werden Watt, Sonnenstunden und Volt</translation>
    </message>
    <message>
        <source>“{word}” is said twice</source>
        <translation>„{word}“ ist zweimal gesagt</translation>
    </message>
    <message>
        <source>−40 to 400 °C is expected.</source>
        <translation>−40 bis 400 °C werden erwartet.</translation>
    </message>
    <message>
        <source>✓ All {tried} tried, the best bettered in {stepped} more: no step helps them further.</source>
        <translation>✓ Alle {tried} versucht, die besten in {stepped} weiteren verbessert: kein Schritt hilft ihnen weiter.</translation>
    </message>
    <message>
        <source>✓ New plans begin so.</source>
        <translation>✓ Neue Pläne beginnen so.</translation>
    </message>
    <message>
        <source>✓ Nothing found</source>
        <translation>✓ Nichts gefunden</translation>
    </message>
    <message>
        <source>✓ {value} is inside its window.</source>
        <translation>✓ {value} liegt in seinem Fenster.</translation>
    </message>
</context>
</TS>
