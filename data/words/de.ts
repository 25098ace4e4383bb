<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>sangre</name>
    <message>
        <source>
Assumed: %1. Its menu has the other way.</source>
        <translation>
Angenommen: %1. Sein Menü hat die andere Art.</translation>
    </message>
    <message>
        <source>  (takes %1 to %2)</source>
        <translation>  (nimmt %1 bis %2)</translation>
    </message>
    <message>
        <source>  (you have no %1)</source>
        <translation>  (dir fehlt %1)</translation>
    </message>
    <message>
        <source>  doubled %1</source>
        <translation>  verdoppelt %1</translation>
    </message>
    <message>
        <source>  doubled {}</source>
        <translation>  verdoppelt {}</translation>
    </message>
    <message>
        <source>  twisted %1</source>
        <translation>  verdrillt %1</translation>
    </message>
    <message>
        <source>  twisted {}</source>
        <translation>  verdrillt {}</translation>
    </message>
    <message>
        <source>  unused</source>
        <translation>  unbenutzt</translation>
    </message>
    <message>
        <source>  unused, cut back</source>
        <translation>  unbenutzt, zurückgeschnitten</translation>
    </message>
    <message>
        <source> %1 · %2 · %3 · %4 </source>
        <translation> %1 · %2 · %3 · %4 </translation>
    </message>
    <message>
        <source> (a resistance)</source>
        <translation> (ein Widerstand)</translation>
    </message>
    <message>
        <source> ({} constant power)</source>
        <translation> ({} konstante Leistung)</translation>
    </message>
    <message>
        <source> + to −</source>
        <translation> + gegen −</translation>
    </message>
    <message>
        <source> + {} knots</source>
        <translation> + {} Knoten</translation>
    </message>
    <message>
        <source> + {} moving loop</source>
        <translation> + {} bewegte Schlaufe</translation>
    </message>
    <message>
        <source> +, meter in series</source>
        <translation> +, Messgerät in Reihe</translation>
    </message>
    <message>
        <source> always</source>
        <translation> immer</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source> and %1 without a price</source>
        <translation> und %1 ohne Preis</translation>
    </message>
    <message>
        <source> and drops {} out and back</source>
        <translation> und verliert {} hin und zurück</translation>
    </message>
    <message>
        <source> and the same of {}</source>
        <translation> und ebenso viel von {}</translation>
    </message>
    <message>
        <source> and {} more</source>
        <translation> und {} weitere</translation>
    </message>
    <message>
        <source> at %1</source>
        <translation> bei %1</translation>
    </message>
    <message>
        <source> at rest</source>
        <translation> in Ruhe</translation>
    </message>
    <message>
        <source> at {}</source>
        <translation> bei {}</translation>
    </message>
    <message>
        <source> block</source>
        <translation>-Verteiler</translation>
    </message>
    <message>
        <source> can no longer be slid past </source>
        <translation> lässt sich nicht mehr schieben an </translation>
    </message>
    <message>
        <source> comes before </source>
        <translation> kommt vor </translation>
    </message>
    <message>
        <source> does no more than idle in any phase: its work counts for no run time.</source>
        <translation> tut in keiner Phase mehr als Leerlauf: seine Arbeit zählt für keine Laufzeit.</translation>
    </message>
    <message>
        <source> does not pass </source>
        <translation> geht nicht durch </translation>
    </message>
    <message>
        <source> each</source>
        <translation> je</translation>
    </message>
    <message>
        <source> for {}</source>
        <translation> für {}</translation>
    </message>
    <message>
        <source> has no outlet to feed </source>
        <translation> hat keinen Ausgang, um dies zu speisen: </translation>
    </message>
    <message>
        <source> in the wall of {}</source>
        <translation> in der Wand von {}</translation>
    </message>
    <message>
        <source> is a guess. Measure it.</source>
        <translation> ist eine Schätzung. Miss nach.</translation>
    </message>
    <message>
        <source> is itself fed by </source>
        <translation> wird selbst gespeist von </translation>
    </message>
    <message>
        <source> is off in every phase: it counts for no run time.</source>
        <translation> ist in jeder Phase aus: er zählt für keine Laufzeit.</translation>
    </message>
    <message>
        <source> lead</source>
        <translation>-Leitung</translation>
    </message>
    <message>
        <source> of {}</source>
        <translation> von {}</translation>
    </message>
    <message>
        <source> of {} inside</source>
        <translation> mit {} innen</translation>
    </message>
    <message>
        <source> on, </source>
        <translation> an, </translation>
    </message>
    <message>
        <source> or </source>
        <translation> oder </translation>
    </message>
    <message>
        <source> plug</source>
        <translation>-Stecker</translation>
    </message>
    <message>
        <source> plugged in</source>
        <translation> eingesteckt</translation>
    </message>
    <message>
        <source> power block</source>
        <translation>-Leistungsverteiler</translation>
    </message>
    <message>
        <source> that it feeds already</source>
        <translation>, die er schon speist</translation>
    </message>
    <message>
        <source> that turns {}°</source>
        <translation>, die sich {}° dreht</translation>
    </message>
    <message>
        <source> was chosen to go</source>
        <translation> wurde zum Gehen gewählt</translation>
    </message>
    <message>
        <source> would be in the way at </source>
        <translation> wäre im Weg bei </translation>
    </message>
    <message>
        <source> would go; one side must keep something</source>
        <translation> ginge; eine Seite muss etwas behalten</translation>
    </message>
    <message>
        <source> · %1 through its supply</source>
        <translation> · %1 über seine Versorgung</translation>
    </message>
    <message>
        <source> · a resistor at both ends</source>
        <translation> · ein Widerstand an beiden Enden</translation>
    </message>
    <message>
        <source> · always live</source>
        <translation> · immer unter Spannung</translation>
    </message>
    <message>
        <source> · charging</source>
        <translation> · lädt</translation>
    </message>
    <message>
        <source> · done</source>
        <translation> · fertig</translation>
    </message>
    <message>
        <source> · feeds %1 with %2</source>
        <translation> · speist %1 mit %2</translation>
    </message>
    <message>
        <source> · hole %1</source>
        <translation> · Loch %1</translation>
    </message>
    <message>
        <source> · polarised</source>
        <translation> · gepolt</translation>
    </message>
    <message>
        <source> · with the key</source>
        <translation> · mit dem Schlüssel</translation>
    </message>
    <message>
        <source> · {} fuse</source>
        <translation> · Sicherung {}</translation>
    </message>
    <message>
        <source> × 1.1 for holders and wrap</source>
        <translation> × 1,1 für Halter und Hülle</translation>
    </message>
    <message>
        <source> − to </source>
        <translation> − an </translation>
    </message>
    <message>
        <source> − to the frame</source>
        <translation> − an den Rahmen</translation>
    </message>
    <message>
        <source>! Stopped after %1: something better may not have been tried.</source>
        <translation>! Nach %1 angehalten: etwas Besseres ist vielleicht nicht versucht worden.</translation>
    </message>
    <message>
        <source>! The %1 plug does not pass.</source>
        <translation>! Der Stecker %1 geht nicht durch.</translation>
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
        <source>%1
%2 in, %3 out: drops %4</source>
        <translation>%1
%2 hinein, %3 hinaus: verliert %4</translation>
    </message>
    <message>
        <source>%1
%2 · %3 · %4
%5, drop %6</source>
        <translation>%1
%2 · %3 · %4
%5, Abfall %6</translation>
    </message>
    <message>
        <source>%1
A: %2, now: %3</source>
        <translation>%1
A: %2, jetzt: %3</translation>
    </message>
    <message>
        <source>%1   %2</source>
        <translation>%1   %2</translation>
    </message>
    <message>
        <source>%1   cut %2 of %3 cores, %4</source>
        <translation>%1   %2 schneiden, %3 Adern, %4</translation>
    </message>
    <message>
        <source>%1   cut %2%3 of %4</source>
        <translation>%1   Zuschnitt %2%3 aus %4</translation>
    </message>
    <message>
        <source>%1  +%2 K</source>
        <translation>%1  +%2 K</translation>
    </message>
    <message>
        <source>%1 % of the plans tried</source>
        <translation>%1 % der Pläne versucht</translation>
    </message>
    <message>
        <source>%1 % of the questions</source>
        <translation>%1 % der Fragen</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 (Alt+%2)</source>
        <translation>%1 (Alt+%2)</translation>
    </message>
    <message>
        <source>%1 across</source>
        <translation>%1 breit</translation>
    </message>
    <message>
        <source>%1 and %2 more</source>
        <translation>%1 und %2 weitere</translation>
    </message>
    <message>
        <source>%1 and %2. Choose another size</source>
        <translation>%1 und %2. Wähle eine andere Größe</translation>
    </message>
    <message>
        <source>%1 before it, earliest</source>
        <translation>%1 davor, frühestens</translation>
    </message>
    <message>
        <source>%1 cannot be made.</source>
        <translation>%1 kann nicht angelegt werden.</translation>
    </message>
    <message>
        <source>%1 cannot be served: %2.</source>
        <translation>%1 lässt sich nicht versorgen: %2.</translation>
    </message>
    <message>
        <source>%1 cannot be written</source>
        <translation>%1 kann nicht geschrieben werden</translation>
    </message>
    <message>
        <source>%1 cells · %2</source>
        <translation>%1 Zellen · %2</translation>
    </message>
    <message>
        <source>%1 continuously</source>
        <translation>%1 dauernd</translation>
    </message>
    <message>
        <source>%1 cores, </source>
        <translation>%1 Adern, </translation>
    </message>
    <message>
        <source>%1 could not be moved to the trash, and stays.</source>
        <translation>%1 konnte nicht in den Papierkorb gelegt werden und bleibt.</translation>
    </message>
    <message>
        <source>%1 d</source>
        <translation>%1 d</translation>
    </message>
    <message>
        <source>%1 dangers left; F8 shows them.</source>
        <translation>Zu beheben bleiben: %1 Gefahren; F8 zeigt sie.</translation>
    </message>
    <message>
        <source>%1 done</source>
        <translation>%1 fertig</translation>
    </message>
    <message>
        <source>%1 feeds</source>
        <translation>%1 Zuleitungen</translation>
    </message>
    <message>
        <source>%1 fill %2</source>
        <translation>%1 füllen %2</translation>
    </message>
    <message>
        <source>%1 fills %2</source>
        <translation>%1 füllt %2</translation>
    </message>
    <message>
        <source>%1 flow</source>
        <translation>%1 fließen</translation>
    </message>
    <message>
        <source>%1 fuse, latest</source>
        <translation>Sicherung %1, spätestens</translation>
    </message>
    <message>
        <source>%1 has %2 megapixels; up to %3 are read: make it smaller first.</source>
        <translation>%1 hat %2 Megapixel; bis %3 werden gelesen: mach es erst kleiner.</translation>
    </message>
    <message>
        <source>%1 has no place yet</source>
        <translation>%1 hat noch keinen Ort</translation>
    </message>
    <message>
        <source>%1 heat in wires</source>
        <translation>%1 Wärme in Leitungen</translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation>%1 in %2</translation>
    </message>
    <message>
        <source>%1 in %2: %3
A percentage can be typed.</source>
        <translation>%1 in %2: %3
Ein Prozentwert kann getippt werden.</translation>
    </message>
    <message>
        <source>%1 is broken: %2</source>
        <translation>%1 ist beschädigt: %2</translation>
    </message>
    <message>
        <source>%1 is damaged</source>
        <translation>%1 nimmt Schaden</translation>
    </message>
    <message>
        <source>%1 is gone from disk. What is on screen is kept as unsaved work; saving writes the file again.</source>
        <translation>%1 ist nicht mehr auf der Platte. Was auf dem Bildschirm steht, bleibt als ungesicherte Arbeit erhalten; Sichern schreibt die Datei neu.</translation>
    </message>
    <message>
        <source>%1 is no longer among your own.</source>
        <translation>%1 ist nicht mehr unter deinen eigenen.</translation>
    </message>
    <message>
        <source>%1 is no picture that can be read (PNG, JPEG).</source>
        <translation>%1 ist kein lesbares Bild (PNG, JPEG).</translation>
    </message>
    <message>
        <source>%1 is no plan (.json), table of loads (.csv), lines of a plan (.txt) or picture (.png, .jpg).</source>
        <translation>%1 ist kein Plan (.json), keine Tabelle von Verbrauchern (.csv), keine Zeilen eines Plans (.txt) und kein Bild (.png, .jpg).</translation>
    </message>
    <message>
        <source>%1 is not there.</source>
        <translation>%1 ist nicht da.</translation>
    </message>
    <message>
        <source>%1 is removed, with its feed.</source>
        <translation>%1 ist entfernt, mit seiner Zuleitung.</translation>
    </message>
    <message>
        <source>%1 is the plan itself; choose another name.</source>
        <translation>%1 ist der Plan selbst; bitte einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>%1 is yours; plans can use it.</source>
        <translation>%1 ist deines; Pläne können es verwenden.</translation>
    </message>
    <message>
        <source>%1 lasts %2</source>
        <translation>%1 dauert %2</translation>
    </message>
    <message>
        <source>%1 loads pasted.</source>
        <translation>%1 Verbraucher eingefügt.</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 mehr</translation>
    </message>
    <message>
        <source>%1 more have no place yet</source>
        <translation>%1 weitere haben noch keinen Ort</translation>
    </message>
    <message>
        <source>%1 new</source>
        <translation>%1 neu</translation>
    </message>
    <message>
        <source>%1 new, at least %2</source>
        <translation>%1 neu, mindestens %2</translation>
    </message>
    <message>
        <source>%1 now has measured figures: %2 typical, %3 peak.</source>
        <translation>%1 hat jetzt gemessene Werte: %2 üblich, %3 Spitze.</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>%1 of %2 done · %3 touched by edits since</source>
        <translation>%1 von %2 fertig · %3 seither von Änderungen berührt</translation>
    </message>
    <message>
        <source>%1 of %2 done · about %3 of handwork left</source>
        <translation>%1 von %2 fertig · noch etwa %3 Handarbeit</translation>
    </message>
    <message>
        <source>%1 of the %2 left for it</source>
        <translation>%1 der %2, die dafür bleiben</translation>
    </message>
    <message>
        <source>%1 on %2</source>
        <translation>%1 auf %2</translation>
    </message>
    <message>
        <source>%1 others ruled out, the lightest first:</source>
        <translation>%1 weitere ausgeschieden, die leichtesten zuerst:</translation>
    </message>
    <message>
        <source>%1 pieces from %2 offcuts and %3 of new wire, %4 left over.</source>
        <translation>%1 Stücke aus %2 Resten und %3 neuem Draht, %4 bleiben übrig.</translation>
    </message>
    <message>
        <source>%1 plans worth comparing, of %2 without a danger</source>
        <translation>%1 lohnende Pläne, von %2 ohne Gefahr</translation>
    </message>
    <message>
        <source>%1 plug</source>
        <translation>Stecker %1</translation>
    </message>
    <message>
        <source>%1 readings to take</source>
        <translation>%1 Messungen zu nehmen</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 steps</source>
        <translation>%1 Schritte</translation>
    </message>
    <message>
        <source>%1 steps to do</source>
        <translation>%1 Schritte zu tun</translation>
    </message>
    <message>
        <source>%1 switch</source>
        <translation>Schalter %1</translation>
    </message>
    <message>
        <source>%1 things</source>
        <translation>%1 Dinge</translation>
    </message>
    <message>
        <source>%1 things to buy, %2</source>
        <translation>%1 Dinge zu kaufen, %2</translation>
    </message>
    <message>
        <source>%1 times a day</source>
        <translation>%1-mal am Tag</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>%1 · %2 left</source>
        <translation>%1 · %2 bleiben</translation>
    </message>
    <message>
        <source>%1 · %2 · your own</source>
        <translation>%1 · %2 · dein eigenes</translation>
    </message>
    <message>
        <source>%1 · F2 types the whole line</source>
        <translation>%1 · F2 tippt die ganze Zeile</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>%1 × %2 · what they share</source>
        <translation>%1 × %2 · was sie gemeinsam haben</translation>
    </message>
    <message>
        <source>%1 – %2 a day</source>
        <translation>%1 – %2 am Tag</translation>
    </message>
    <message>
        <source>%1 — %2</source>
        <translation>%1 — %2</translation>
    </message>
    <message>
        <source>%1%2 — Sangre</source>
        <translation>%1%2 — Sangre</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, %2 from %3</source>
        <translation>%1, %2 von %3</translation>
    </message>
    <message>
        <source>%1, %2, %3 thick</source>
        <translation>%1, %2, %3 dick</translation>
    </message>
    <message>
        <source>%1, %2, %3, bundle %4</source>
        <translation>%1, %2, %3, Bündel %4</translation>
    </message>
    <message>
        <source>%1, %2, for %3</source>
        <translation>%1, %2, für %3</translation>
    </message>
    <message>
        <source>%1, %2; its menu changes or removes it</source>
        <translation>%1, %2; sein Menü ändert oder entfernt es</translation>
    </message>
    <message>
        <source>%1: </source>
        <translation>%1: </translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1: %2 on average, %3 with all that runs at its peak together</source>
        <translation>%1: im Mittel %2, mit allem Laufenden auf Spitze zusammen %3</translation>
    </message>
    <message>
        <source>%1: %2 steps in %3 of %4%5</source>
        <translation>%1: %2 Schritte in %3 von %4%5</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>%1: %2. Nothing was changed.</source>
        <translation>%1: %2. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>%1: a drawing ends in .svg, .pdf or .png</source>
        <translation>%1: eine Zeichnung endet auf .svg, .pdf oder .png</translation>
    </message>
    <message>
        <source>%1: a picture ends in .svg, .pdf or .png</source>
        <translation>%1: ein Bild endet auf .svg, .pdf oder .png</translation>
    </message>
    <message>
        <source>%1: choose another</source>
        <translation>%1: eine andere wählen</translation>
    </message>
    <message>
        <source>%1: needs %2, at hand %3, spare %4, sold in %5%6</source>
        <translation>%1: braucht %2, vorhanden %3, Reserve %4, verkauft zu %5%6</translation>
    </message>
    <message>
        <source>%1: path %2, cut %3</source>
        <translation>%1: Weg %2, abzulängen %3</translation>
    </message>
    <message>
        <source>%1: ways drawn through it meet it there.</source>
        <translation>%1: Wege, die hindurch gezeichnet sind, treffen dort darauf.</translation>
    </message>
    <message>
        <source>%1; %2 at hand.</source>
        <translation>%1; %2 vorhanden.</translation>
    </message>
    <message>
        <source>({} joint + 2 × {} overlap) ÷ 0.93 for its shrinking in length = {}</source>
        <translation>({} Verbindung + 2 × {} Überlappung) ÷ 0,93 für das Schrumpfen der Länge = {}</translation>
    </message>
    <message>
        <source>({} path + {} service loop{}{}) × {} slack + {} ends = {:.3f} m, rounded up to {}</source>
        <translation>({} Weg + {} Schlaufe{}{}) × {} Zugabe + {} Enden = {:.3f} m, aufgerundet auf {}</translation>
    </message>
    <message>
        <source>+ %1</source>
        <translation>+ %1</translation>
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
        <source>+ on %1, − on %2</source>
        <translation>+ auf %1, − auf %2</translation>
    </message>
    <message>
        <source>+%1</source>
        <translation>+%1</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>, %1 bare ends to cap</source>
        <translation>, %1 blanke Enden abzudecken</translation>
    </message>
    <message>
        <source>, a resistor at both ends</source>
        <translation>, ein Widerstand an beiden Enden</translation>
    </message>
    <message>
        <source>, about %1</source>
        <translation>, etwa %1</translation>
    </message>
    <message>
        <source>, all at peak</source>
        <translation>, alles am höchsten</translation>
    </message>
    <message>
        <source>, always on</source>
        <translation>, immer an</translation>
    </message>
    <message>
        <source>, and good ones do not fill it.</source>
        <translation>, und gute füllen ihn nicht.</translation>
    </message>
    <message>
        <source>, and minds which way round it is</source>
        <translation>, und es kommt darauf an, wie herum</translation>
    </message>
    <message>
        <source>, at </source>
        <translation>, bei </translation>
    </message>
    <message>
        <source>, at the slot to be tapped</source>
        <translation>, am Steckplatz, der angezapft wird</translation>
    </message>
    <message>
        <source>, at {}</source>
        <translation>, bei {}</translation>
    </message>
    <message>
        <source>, before its </source>
        <translation>, vor </translation>
    </message>
    <message>
        <source>, behind its </source>
        <translation>, hinter </translation>
    </message>
    <message>
        <source>, cut back at </source>
        <translation>, zurückgeschnitten bei </translation>
    </message>
    <message>
        <source>, cut {}</source>
        <translation>, Zuschnitt {}</translation>
    </message>
    <message>
        <source>, feeds grouped</source>
        <translation>, Zuleitungen gebündelt</translation>
    </message>
    <message>
        <source>, held there by the module</source>
        <translation>, dort vom Wandler gehalten</translation>
    </message>
    <message>
        <source>, hot air from a hand away until past {}, slowly</source>
        <translation>, Heißluft aus einer Handbreit, bis über {}, langsam</translation>
    </message>
    <message>
        <source>, in a sleeve of {}</source>
        <translation>, in einem Schlauch von {}</translation>
    </message>
    <message>
        <source>, inside </source>
        <translation>, innerhalb </translation>
    </message>
    <message>
        <source>, needs </source>
        <translation>, soll </translation>
    </message>
    <message>
        <source>, nothing on its output</source>
        <translation>, nichts an seinem Ausgang</translation>
    </message>
    <message>
        <source>, nothing to hold it against</source>
        <translation>, nichts, woran es zu messen wäre</translation>
    </message>
    <message>
        <source>, or one too large</source>
        <translation>, oder eine zu große</translation>
    </message>
    <message>
        <source>, or {} small alkaline cells in series: they give a few amperes into a short and no more</source>
        <translation>, oder {} kleine Alkalizellen in Reihe: sie geben ein paar Ampere in einen Kurzschluss und nicht mehr</translation>
    </message>
    <message>
        <source>, outside </source>
        <translation>, außerhalb </translation>
    </message>
    <message>
        <source>, outside its {} – {}.</source>
        <translation>, außerhalb seiner {} – {}.</translation>
    </message>
    <message>
        <source>, pair</source>
        <translation>, Paar</translation>
    </message>
    <message>
        <source>, safe to stop after it</source>
        <translation>, danach kann man gefahrlos aufhören</translation>
    </message>
    <message>
        <source>, sealed</source>
        <translation>, abgedichtet</translation>
    </message>
    <message>
        <source>, then </source>
        <translation>, dann </translation>
    </message>
    <message>
        <source>, unplugged there</source>
        <translation>, dort ausgesteckt</translation>
    </message>
    <message>
        <source>, which decides its wire</source>
        <translation>, was ihre Leitung entscheidet</translation>
    </message>
    <message>
        <source>, which is assumed (plan menu: Ambient temperature)</source>
        <translation>, was angenommen ist (Planmenü: Umgebungstemperatur)</translation>
    </message>
    <message>
        <source>, which is too warm</source>
        <translation>, was zu warm ist</translation>
    </message>
    <message>
        <source>, which makes it %1 K warmer than the air</source>
        <translation>, was ihn %1 K wärmer macht als die Luft</translation>
    </message>
    <message>
        <source>, which makes it worse</source>
        <translation>, was es schlimmer macht</translation>
    </message>
    <message>
        <source>, which stands for both</source>
        <translation>, das für beide steht</translation>
    </message>
    <message>
        <source>, wings for {} to {} of insulation; here are {}</source>
        <translation>, Flügel für {} bis {} Isolierung; hier sind es {}</translation>
    </message>
    <message>
        <source>, {:.0f} m up</source>
        <translation>, {:.0f} m hoch</translation>
    </message>
    <message>
        <source>, {} in parallel</source>
        <translation>, {} parallel</translation>
    </message>
    <message>
        <source>, {} of drop</source>
        <translation>, {} Spannungsfall</translation>
    </message>
    <message>
        <source>, {} of wire</source>
        <translation>, {} Draht</translation>
    </message>
    <message>
        <source>, {} of {}</source>
        <translation>, {} von {}</translation>
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
        <source>1 cell · %1</source>
        <translation>1 Zelle · %1</translation>
    </message>
    <message>
        <source>1 danger left; F8 shows it.</source>
        <translation>Zu beheben bleibt: 1 Gefahr; F8 zeigt sie.</translation>
    </message>
    <message>
        <source>1 feed</source>
        <translation>1 Zuleitung</translation>
    </message>
    <message>
        <source>1 load pasted.</source>
        <translation>1 Verbraucher eingefügt.</translation>
    </message>
    <message>
        <source>1 reading to take</source>
        <translation>1 Messung zu nehmen</translation>
    </message>
    <message>
        <source>1 step</source>
        <translation>1 Schritt</translation>
    </message>
    <message>
        <source>1 step to do</source>
        <translation>1 Schritt zu tun</translation>
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
        <source>2 × {} × {} mΩ/m at {} × {} = {} dropped, {} of heat</source>
        <translation>2 × {} × {} mΩ/m bei {} × {} = {} Abfall, {} Wärme</translation>
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
        <source>5 × {} × {} = wait {}; then close the main switch.</source>
        <translation>5 × {} × {} = {} warten; dann den Hauptschalter schließen.</translation>
    </message>
    <message>
        <source>700 circular mils per ampere</source>
        <translation>700 circular mil je Ampere</translation>
    </message>
    <message>
        <source>: one of {}</source>
        <translation>: eines von {}</translation>
    </message>
    <message>
        <source>; a name with a comma stands in quotes</source>
        <translation>; ein Name mit Komma steht in Anführungszeichen</translation>
    </message>
    <message>
        <source>; a pulse of {} {}</source>
        <translation>; ein Stoß von {} {}</translation>
    </message>
    <message>
        <source>; at {} it settles at {}</source>
        <translation>; bei {} pendelt sie sich auf {} ein</translation>
    </message>
    <message>
        <source>; besides </source>
        <translation>; daneben </translation>
    </message>
    <message>
        <source>; from empty {} of good ones fill it.</source>
        <translation>; aus leer füllen ihn {} guter.</translation>
    </message>
    <message>
        <source>; heat balance Churchill &amp; Chu 1975; bunching IEC 60364-5-52</source>
        <translation>; Wärmebilanz Churchill &amp; Chu 1975; Häufung IEC 60364-5-52</translation>
    </message>
    <message>
        <source>; it carries that continuously</source>
        <translation>; dauernd trägt sie das</translation>
    </message>
    <message>
        <source>; it is rated for {} only</source>
        <translation>; sie ist nur für {} ausgelegt</translation>
    </message>
    <message>
        <source>; it sags to {} at {}, below its cut-off of {}</source>
        <translation>; sie bricht bei {1} auf {0} ein, unter ihre Entladeschlussspannung von {2}</translation>
    </message>
    <message>
        <source>; its breaking capacity of {} is below what flows right behind it</source>
        <translation>; ihr Schaltvermögen von {} liegt unter dem, was unmittelbar dahinter fließt</translation>
    </message>
    <message>
        <source>; its coil saturates</source>
        <translation>; seine Spule sättigt</translation>
    </message>
    <message>
        <source>; meter on diode test</source>
        <translation>; Messgerät auf Diodentest</translation>
    </message>
    <message>
        <source>; or type it as {} loads, where it can be wired as such</source>
        <translation>; oder es als {} Verbraucher eintippen, wo es sich so verdrahten lässt</translation>
    </message>
    <message>
        <source>; sags to {} at {}, for {}</source>
        <translation>; bricht bei {1} auf {0} ein, {2} lang</translation>
    </message>
    <message>
        <source>; short-circuit limits IEC 60949</source>
        <translation>; Kurzschlussgrenzen IEC 60949</translation>
    </message>
    <message>
        <source>; straight from a pack it would have to stand what the pack has: {}</source>
        <translation>; unmittelbar am Akku müsste es aushalten, was der Akku hat: {}</translation>
    </message>
    <message>
        <source>; that would be a loop.</source>
        <translation>; das wäre ein Ring.</translation>
    </message>
    <message>
        <source>; then %1</source>
        <translation>; dann %1</translation>
    </message>
    <message>
        <source>; then %1 steps further</source>
        <translation>; dann %1 Schritte weiter</translation>
    </message>
    <message>
        <source>; {} is beyond it: rated for {} continuously and {} for {}, where it would sag to {}</source>
        <translation>; {} ist zu viel: ausgelegt für {} dauernd und {} für {}, sie würde auf {} einbrechen</translation>
    </message>
    <message>
        <source>= {} on a poor day, {} on a good one.</source>
        <translation>= {} an einem schlechten Tag, {} an einem guten.</translation>
    </message>
    <message>
        <source>&gt; 1 year</source>
        <translation>&gt; 1 Jahr</translation>
    </message>
    <message>
        <source>? %1 is noted; the plan has nothing to hold it against.</source>
        <translation>? %1 ist notiert; der Plan hat nichts, woran es zu messen wäre.</translation>
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
        <source>A boost gives no less than its input, which reaches {}.</source>
        <translation>Ein Aufwärtswandler gibt nicht weniger als seinen Eingang, der {} erreicht.</translation>
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
        <source>A braid lies over it there: {} more on either side.</source>
        <translation>Dort liegt ein Geflecht darüber: {} mehr auf jeder Seite.</translation>
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
        <source>A charger of {}</source>
        <translation>Ein Ladegerät für {}</translation>
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
        <source>A core of {} among {}, in {}: {}</source>
        <translation>Eine Ader {} unter {}, bei {}: {}</translation>
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
        <source>A dead short reads like the meter's own leads, some {}, and cannot be told apart. Unplug the motors and measure again: the reading must rise.</source>
        <translation>Ein satter Kurzschluss misst sich wie die eigenen Leitungen des Messgeräts, etwa {}: zu nah, um es zu unterscheiden. Steck die Motoren aus und lies noch einmal: es muss steigen.</translation>
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
        <source>A fan of {} m³/h on a thermal switch</source>
        <translation>Ein Lüfter von {} m³/h an einem Thermoschalter</translation>
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
        <source>A knot bends a lead to about its own thickness; {} times that is the least.</source>
        <translation>Ein Knoten biegt eine Leitung etwa auf ihre eigene Dicke; das {}fache davon ist das Mindeste.</translation>
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
        <source>A lead of {}</source>
        <translation>Ein Anschluss aus {}</translation>
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
        <source>A meter shows {} across it.</source>
        <translation>Ein Messgerät zeigt daran {}.</translation>
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
        <source>A panel of {}</source>
        <translation>Ein Panel mit {}</translation>
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
        <source>A resistor across the pair at {}, 120 Ω or what the boards say.</source>
        <translation>Ein Widerstand über das Paar bei {}, 120 Ω oder was die Platinen sagen.</translation>
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
        <source>A short at the end of {}</source>
        <translation>Ein Kurzschluss am Ende von {}</translation>
    </message>
    <message>
        <source>A short at {} may open {}'s fuse first and turn off {} load{}.</source>
        <translation>Ein Kurzschluss bei {} öffnet vielleicht erst die Sicherung von {} und schaltet Verbraucher aus: {}{}.</translation>
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
        <source>A short right behind the fuse of {}</source>
        <translation>Ein Kurzschluss gleich hinter der Sicherung von {}</translation>
    </message>
    <message>
        <source>A short {} along {}</source>
        <translation>Ein Kurzschluss {} weit auf {}</translation>
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
        <source>A sound bolted ring</source>
        <translation>Eine saubere verschraubte Öse</translation>
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
        <source>A strap round {}, and a tie behind its plug.</source>
        <translation>Ein Band um {}, und ein Binder hinter dem Stecker.</translation>
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
        <source>A supply of {}</source>
        <translation>Eine Versorgung mit {}</translation>
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
        <source>A unit is missing: type {}.</source>
        <translation>Eine Einheit fehlt: tippe {}.</translation>
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
        <source>A {} is strong enough there too and needs only: {}.</source>
        <translation>Auch {} hält dort und will nur: {}.</translation>
    </message>
    <message>
        <source>A {} takes {} to {}.</source>
        <translation>{} nimmt {} bis {}.</translation>
    </message>
    <message>
        <source>A {}: it draws nothing itself{}.</source>
        <translation>{}: zieht selbst nichts{}.</translation>
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
        <source>Above {} it empties faster: Peukert exponent {}.</source>
        <translation>Über {} wird er schneller leer: Peukert-Exponent {}.</translation>
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
        <source>Add %1</source>
        <translation>%1 hinzufügen</translation>
    </message>
    <message>
        <source>Add %1 × %2</source>
        <translation>%1 × %2 hinzufügen</translation>
    </message>
    <message>
        <source>Add a %1</source>
        <translation>%1 hinzufügen</translation>
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
        <source>Add capacitors to {}</source>
        <translation>Kondensatoren bis {} ergänzen</translation>
    </message>
    <message>
        <source>Add: %1</source>
        <translation>Hinzufügen: %1</translation>
    </message>
    <message>
        <source>Added a %1</source>
        <translation>%1 hinzugefügt</translation>
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
        <source>After what lies beneath it, at {}.</source>
        <translation>Nach dem, was darunter liegt, bei {}.</translation>
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
        <source>After “{}” a current or power is expected, such as {} 14 A 0.4 s.</source>
        <translation>Nach „{}“ wird ein Strom oder eine Leistung erwartet, etwa {} 14 A 0.4 s.</translation>
    </message>
    <message>
        <source>Against a lead of {}: conductor {}, over insulation {}</source>
        <translation>Gegen einen Anschluss {}: Leiter {}, über der Isolierung {}</translation>
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
        <source>Air inside {}</source>
        <translation>Luft in {}</translation>
    </message>
    <message>
        <source>Air moved: {} m³/h</source>
        <translation>Bewegte Luft: {} m³/h</translation>
    </message>
    <message>
        <source>Air: %1</source>
        <translation>Luft: %1</translation>
    </message>
    <message>
        <source>Airbag: battery off and ten minutes gone before a panel near it is touched; its plugs are neither opened nor measured. Under your local code this may be for a licensed hand.</source>
        <translation>Airbag: Batterie ab und zehn Minuten vorbei, ehe eine Verkleidung in der Nähe berührt wird; seine Stecker werden weder geöffnet noch gemessen. Nach örtlicher Vorschrift vielleicht Sache einer Fachkraft.</translation>
    </message>
    <message>
        <source>All + together</source>
        <translation>Alle + zusammen</translation>
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
        <source>All leads that end at it, by the measured ways, in the wires that they have: {} of {} now, {} of {} there.</source>
        <translation>Alle Leitungen, die dort enden, über die gemessenen Wege, in ihren Drähten: {} mit {} jetzt, {} mit {} dort.</translation>
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
        <source>All {} of it is used: nothing is cut off.</source>
        <translation>Alle {} werden gebraucht: nichts wird abgeschnitten.</translation>
    </message>
    <message>
        <source>All − together</source>
        <translation>Alle − zusammen</translation>
    </message>
    <message>
        <source>Alternating current is outside this tool; a DC voltage is expected.</source>
        <translation>Wechselstrom liegt außerhalb dieses Werkzeugs; eine Gleichspannung wird erwartet.</translation>
    </message>
    <message>
        <source>Always-on loads and modules: {} idle to {} working; modules differ by a third.</source>
        <translation>Immer laufende Verbraucher und Wandler: {} im Leerlauf bis {} arbeitend; Wandler unterscheiden sich um ein Drittel.</translation>
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
        <source>Ambient temperature: %1…</source>
        <translation>Umgebungstemperatur: %1…</translation>
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
        <source>An open return: measure from this plug's − to the hub's −</source>
        <translation>Eine offene Rückleitung: miss vom − dieses Steckers zum − des Verteilers</translation>
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
        <source>Another program had changed the file; what it wrote is in %1.</source>
        <translation>Ein anderes Programm hatte die Datei geändert; was es schrieb, ist in %1.</translation>
    </message>
    <message>
        <source>Another program has changed %1. Saving keeps both.</source>
        <translation>Ein anderes Programm hat %1 geändert. Sichern behält beides.</translation>
    </message>
    <message>
        <source>Another program has changed %1: this is what it wrote.</source>
        <translation>Ein anderes Programm hat %1 geändert: das hat es geschrieben.</translation>
    </message>
    <message>
        <source>Another program has changed the file: %1</source>
        <translation>Ein anderes Programm hat die Datei geändert: %1</translation>
    </message>
    <message>
        <source>Another ruled out:</source>
        <translation>Ein weiterer ausgeschieden:</translation>
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
        <source>Antenna on {}</source>
        <translation>Antenne an {}</translation>
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
        <source>Arming plug of {}</source>
        <translation>Scharfstecker von {}</translation>
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
        <source>Assumed: %1.</source>
        <translation>Angenommen: %1.</translation>
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
        <source>At least {}, so that what was found too small is not.</source>
        <translation>Mindestens {}, damit nicht zu klein bleibt, was sich als zu klein erwies.</translation>
    </message>
    <message>
        <source>At nominal</source>
        <translation>Auf Nennwert</translation>
    </message>
    <message>
        <source>At rest {} {} {}, windings and cold filaments behind their leads.</source>
        <translation>In Ruhe {} {} {}, Wicklungen und kalte Glühfäden hinter ihren Leitungen.</translation>
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
        <source>At {} charge in {} it still gets {}: below that, no full power.</source>
        <translation>Bei {} Ladung in {} erhält es noch {}: darunter keine volle Leistung.</translation>
    </message>
    <message>
        <source>At {} charge in {}: {}.</source>
        <translation>Bei {} Ladung in {} liegt sie bei {}.</translation>
    </message>
    <message>
        <source>At {} charge, in {}: {} ÷ {} = {}</source>
        <translation>Bei {} Ladung, in {}: {} ÷ {} = {}</translation>
    </message>
    <message>
        <source>At {} from {}: {}.</source>
        <translation>Bei {} ab {}: {}.</translation>
    </message>
    <message>
        <source>At {} its plug stays on: nothing is made there.</source>
        <translation>An {} bleibt der Stecker dran: dort ist nichts zu machen.</translation>
    </message>
    <message>
        <source>At {} the fuse may take {}; the wire withstands that for {}.</source>
        <translation>Bei {} darf die Sicherung {} brauchen; die Leitung hält das {} aus.</translation>
    </message>
    <message>
        <source>At {} the {} above may open after {}, the {} here as late as {}.</source>
        <translation>Bei {} öffnet die {} davor vielleicht nach {}, die {} hier erst nach {}.</translation>
    </message>
    <message>
        <source>At {}: its − and that of {} in one joint.</source>
        <translation>Bei {}: sein − und das von {} in einer Verbindung.</translation>
    </message>
    <message>
        <source>At {}: {} dB{}.</source>
        <translation>Bei {}: {} dB{}.</translation>
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
        <source>Before them, over both leads: {} of {}, for when each joint has its own.</source>
        <translation>Davor, über beide Leitungen: {} {}, für dann, wenn jede Verbindung ihren eigenen hat.</translation>
    </message>
    <message>
        <source>Behind the </source>
        <translation>Hinter </translation>
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
        <source>Below {}; tug with {:.0f} N.</source>
        <translation>Unter {}; zieh mit {:.0f} N.</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>Bend %1</source>
        <translation>Knick %1</translation>
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
        <source>Best in mass, cost, run time and rails to be made; up to {} is no difference, and more than {} days of work on one charge count no more.</source>
        <translation>Am besten in Masse, Kosten, Laufzeit und zu machenden Schienen; bis {} ist kein Unterschied, und mehr als {} Tage Arbeit mit einer Ladung zählen nicht mehr.</translation>
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
        <source>Bolt {} − to the frame</source>
        <translation>Schraube {} − an den Rahmen</translation>
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
        <source>Both ends are in {}: {} taken.</source>
        <translation>Beide Enden sind in {}: {} angenommen.</translation>
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
        <source>Both under the nuts of the holder for the {} fuse. Leave the link out.</source>
        <translation>Beide unter die Muttern des Halters für die Sicherung {}. Die Sicherung selbst bleibt heraus.</translation>
    </message>
    <message>
        <source>Both: the lamp lights. Let go: it goes out.</source>
        <translation>Beides: Die Lampe leuchtet. Loslassen: Sie geht aus.</translation>
    </message>
    <message>
        <source>Breaker in the {}</source>
        <translation>Schutzschalter in: {}</translation>
    </message>
    <message>
        <source>Bricks are loaded to 80 % of their rating; everything on one resets together.</source>
        <translation>Steckernetzteilen traut man 80 % des Aufdrucks zu; was an einem hängt, startet gemeinsam neu.</translation>
    </message>
    <message>
        <source>Browns out in {} of them.</source>
        <translation>Bekommt in {} davon zu wenig.</translation>
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
        <source>Build book: {} steps, about {} of handwork left.</source>
        <translation>Baubuch: {} Schritte, etwa {} Handarbeit übrig.</translation>
    </message>
    <message>
        <source>Build it this way. %1</source>
        <translation>So bauen. %1</translation>
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
        <source>By voltage drop, {}</source>
        <translation>Nach dem Spannungsabfall, {}</translation>
    </message>
    <message>
        <source>C%1  %2</source>
        <translation>C%1  %2</translation>
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
        <source>Capacity {}: {} of the printed {}.</source>
        <translation>Kapazität {}: {} der aufgedruckten {}.</translation>
    </message>
    <message>
        <source>Carries</source>
        <translation>Trägt</translation>
    </message>
    <message>
        <source>Carries continuously: {}; drawn: {}.</source>
        <translation>Trägt dauernd: {}; verlangt: {}.</translation>
    </message>
    <message>
        <source>Carries {} in {}, {} together ({})</source>
        <translation>Trägt {} bei {}, {} zusammen ({})</translation>
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
        <source>Change %1</source>
        <translation>%1 ändern</translation>
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
        <source>Charge with {}</source>
        <translation>Laden mit {}</translation>
    </message>
    <message>
        <source>Charger of {} at {}: full in {}.</source>
        <translation>Ladegerät mit {} bei {}: voll in {}.</translation>
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
        <source>Chosen for {}, the usual air between {} and {}{}; peaks are met at {} charge.</source>
        <translation>Gewählt für {}, die übliche Luft zwischen {} und {}{}; Spitzen werden bei {} Ladung gedeckt.</translation>
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
        <source>Click point by point from %1; Enter ends at %2, Backspace takes one back, Escape leaves it.</source>
        <translation>Klick Punkt für Punkt von %1 an; Enter endet bei %2, Rücktaste nimmt einen zurück, Escape lässt es.</translation>
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
        <source>Connect the pack through the {} test lead; say the polarity aloud first.</source>
        <translation>Den Akku über die Prüfleitung mit {} anschließen, Plus laut gesagt.</translation>
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
        <source>Copied: %1.</source>
        <translation>Kopiert: %1.</translation>
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
        <source>Core %1</source>
        <translation>Ader %1</translation>
    </message>
    <message>
        <source>Core by core, at both ends: {}.</source>
        <translation>Ader für Ader, an beiden Enden: {}.</translation>
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
        <source>Counts %1; T starts and stops it.</source>
        <translation>Zählt %1; T startet und hält an.</translation>
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
        <source>Cut = ({} joint + 2 × {}{}) ÷ 0.93 = {}, rounded up to {}</source>
        <translation>Zuschnitt = ({} Verbindung + 2 × {}{}) ÷ 0,93 = {}, aufgerundet auf {}</translation>
    </message>
    <message>
        <source>Cut a new lead instead</source>
        <translation>Stattdessen eine neue Leitung ablängen</translation>
    </message>
    <message>
        <source>Cut and label: {}</source>
        <translation>Zuschneiden und beschriften: {}</translation>
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
        <source>Cut off the plug at {} and make that end anew</source>
        <translation>Den Stecker an {} abschneiden und dieses Ende neu machen</translation>
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
        <source>Cut the {} lead {}</source>
        <translation>Schneide die Leitung {} {}</translation>
    </message>
    <message>
        <source>Cut the {} lead {} and join both ends.</source>
        <translation>Schneide die Leitung {} {} und verbinde beide Enden.</translation>
    </message>
    <message>
        <source>Cut the {} lead {}.</source>
        <translation>Schneide die Leitung {} {}.</translation>
    </message>
    <message>
        <source>Cut the {} lead {}; one end on each contact, a tube over both.</source>
        <translation>Schneide die Leitung {} {}; ein Ende an jeden Kontakt, über beide ein Schlauch.</translation>
    </message>
    <message>
        <source>Cut them to different lengths, each {} shorter than the one before, the other piece the other way round: no two joints lie side by side.</source>
        <translation>Verschieden lang abschneiden, jede {} kürzer als die vorige, am anderen Stück umgekehrt: keine zwei Verbindungen liegen nebeneinander.</translation>
    </message>
    <message>
        <source>Cut to length: </source>
        <translation>Ablängen: </translation>
    </message>
    <message>
        <source>Cut {} back at both ends and shrink {} over each.</source>
        <translation>Schneide {} an beiden Enden zurück und schrumpf {} über jedes.</translation>
    </message>
    <message>
        <source>Cut {} of it; what is left over goes back into the drawer with its length on it.</source>
        <translation>Schneide {} davon; der Rest kommt mit seiner Länge beschriftet zurück in die Schublade.</translation>
    </message>
    <message>
        <source>Cut {} of the same cable to lengthen it.</source>
        <translation>{} desselben Kabels zum Verlängern abschneiden.</translation>
    </message>
    <message>
        <source>Cut {} of the same wire to lengthen it.</source>
        <translation>{} desselben Drahts zum Verlängern abschneiden.</translation>
    </message>
    <message>
        <source>Cut {} of {} {}{}.</source>
        <translation>Schneide {} von {} {}{}.</translation>
    </message>
    <message>
        <source>Cut-off {}</source>
        <translation>Abschaltung {}</translation>
    </message>
    <message>
        <source>Cutting cards</source>
        <translation>Zuschnittkarten</translation>
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
        <source>Dissipates {}, {} % efficient</source>
        <translation>Verliert {} als Wärme, {} % Wirkungsgrad</translation>
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
        <source>Done once already, as {}; the plan has changed since to {}.</source>
        <translation>Schon einmal gemacht, als {}; der Plan hat sich seither zu {} geändert.</translation>
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
        <source>Drill it to {}</source>
        <translation>Bohre es auf {}</translation>
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
        <source>Drop {} × {} = {} ({})</source>
        <translation>Abfall {} × {} = {} ({})</translation>
    </message>
    <message>
        <source>Drops</source>
        <translation>Fällt um</translation>
    </message>
    <message>
        <source>Drops {} at {}.</source>
        <translation>Verliert {} bei {}.</translation>
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
        <source>Duplicate %1</source>
        <translation>%1 verdoppeln</translation>
    </message>
    <message>
        <source>Each core at both ends, {}:</source>
        <translation>Jede Ader an beiden Enden, {}:</translation>
    </message>
    <message>
        <source>Each core at {}, {}:</source>
        <translation>Jede Ader an {}, {}:</translation>
    </message>
    <message>
        <source>Each core to the same pin of both halves: {}.</source>
        <translation>Jede Ader an denselben Stift beider Hälften: {}.</translation>
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
        <source>Each time its bridge opens, the lead's inductance drives a voltage spike; beyond {} typical controllers need {} more for every 10 cm.</source>
        <translation>Jedes Mal, wenn seine Brücke öffnet, schiebt die Induktivität der Leitung weiter; über {} wollen übliche Regler je 10 cm {} mehr.</translation>
    </message>
    <message>
        <source>Each with the fewest parallel strings that last the day at {} and carry the one-second peak.</source>
        <translation>Jeder mit den wenigsten Strängen, die bei {} den Tag durchhalten und die stärkste Sekunde aushalten.</translation>
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
        <source>Expected on %1…</source>
        <translation>Erwartet am %1…</translation>
    </message>
    <message>
        <source>Expected window</source>
        <translation>Erwartetes Fenster</translation>
    </message>
    <message>
        <source>Expected {} to {}; the meter adds ±{}.</source>
        <translation>Erwartet {} bis {}; das Messgerät ±{}.</translation>
    </message>
    <message>
        <source>Fasten it flat on {}, a smear of thermal paste between, where that is warmest.</source>
        <translation>Befestige ihn flach auf {}, ein Strich Wärmeleitpaste dazwischen, wo es am wärmsten ist.</translation>
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
        <source>Feed it from %1</source>
        <translation>Von %1 speisen</translation>
    </message>
    <message>
        <source>Feed it from another rail</source>
        <translation>Von einer anderen Schiene speisen</translation>
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
        <source>Find the circuit: {}</source>
        <translation>Finde den Stromkreis: {}</translation>
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
        <source>Fire {}</source>
        <translation>{} zünden</translation>
    </message>
    <message>
        <source>First power, small and limited</source>
        <translation>Erster Strom, klein und begrenzt</translation>
    </message>
    <message>
        <source>First the wide tube over all of it: {} of {}, pushed well back.</source>
        <translation>Zuerst den weiten Schlauch über das Ganze: {} von {}, weit zurückgeschoben.</translation>
    </message>
    <message>
        <source>Fit %1: %2 left, %3 inside</source>
        <translation>%1 anpassen: noch %2, innen %3</translation>
    </message>
    <message>
        <source>Fit a %1 fuse</source>
        <translation>Eine Sicherung %1 einsetzen</translation>
    </message>
    <message>
        <source>Fit a grommet</source>
        <translation>Tülle einsetzen</translation>
    </message>
    <message>
        <source>Fit a {} fuse</source>
        <translation>Eine Sicherung {} einsetzen</translation>
    </message>
    <message>
        <source>Fit a {} {}</source>
        <translation>Setze ein: {} {}</translation>
    </message>
    <message>
        <source>Fit both plugs of {}</source>
        <translation>Beide Stecker von {} einstecken</translation>
    </message>
    <message>
        <source>Fit the fuses before the modules</source>
        <translation>Die Sicherungen vor den Wandlern einsetzen</translation>
    </message>
    <message>
        <source>Fit the plug of the {}</source>
        <translation>Stecker einsetzen: {}</translation>
    </message>
    <message>
        <source>Fit the plug of the {} lead into {}</source>
        <translation>Den Stecker der Leitung zu {} in {} einstecken</translation>
    </message>
    <message>
        <source>Fit {}: {}</source>
        <translation>Setze in {} ein: {}</translation>
    </message>
    <message>
        <source>Fitted: {} ({})</source>
        <translation>Eingesetzt: {} ({})</translation>
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
        <source>Follow “%1”</source>
        <translation>Folge „%1“</translation>
    </message>
    <message>
        <source>Follow “%1” everywhere</source>
        <translation>Folge überall „%1“</translation>
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
        <source>Found in it and mended: {} {}.</source>
        <translation>Darin gefunden und behoben: {} {}.</translation>
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
        <source>From 1 to {} alike can be said at once.</source>
        <translation>1 bis {} gleiche können auf einmal angegeben werden.</translation>
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
        <source>From board to board of one stack: up the spacers between and out over both edges, {}.</source>
        <translation>Von Platine zu Platine eines Stapels: die Abstandhalter dazwischen hinauf und über beide Kanten hinaus, {}.</translation>
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
        <source>From {} up the wire is damaged before the {} fuse opens.</source>
        <translation>Von {} an gibt die Leitung vor der Sicherung {} nach.</translation>
    </message>
    <message>
        <source>From {}, over {}: about {}</source>
        <translation>Von {}, über {}: etwa {}</translation>
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
        <source>Further: {}.</source>
        <translation>Weiter: {}.</translation>
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
        <source>Fuse block of {}</source>
        <translation>Sicherungsblock von {}</translation>
    </message>
    <message>
        <source>Fuse holder in the {}</source>
        <translation>Sicherungshalter in: {}</translation>
    </message>
    <message>
        <source>Fuse in the {}</source>
        <translation>Sicherung in: {}</translation>
    </message>
    <message>
        <source>Fuse of %1</source>
        <translation>Sicherung von %1</translation>
    </message>
    <message>
        <source>Fuse tap on the {}</source>
        <translation>Sicherungsabgriff an: {}</translation>
    </message>
    <message>
        <source>Fuse, switch, plugs and joints: {}</source>
        <translation>Sicherung, Schalter, Stecker und Verbindungen: {}</translation>
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
        <source>Get {}</source>
        <translation>Besorge {}</translation>
    </message>
    <message>
        <source>Gets</source>
        <translation>Bekommt</translation>
    </message>
    <message>
        <source>Gets {} – {}</source>
        <translation>Bekommt {} – {}</translation>
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
        <source>Give or take {} of what is printed; a cheap meter's own leads add up to {}.</source>
        <translation>{} mehr oder weniger als aufgedruckt; die Leitungen eines billigen Messgeräts geben bis {} dazu.</translation>
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
        <source>Hold the leads: {}</source>
        <translation>Leitungen halten: {}</translation>
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
        <source>How sure, in {}</source>
        <translation>Wie sicher, in {}</translation>
    </message>
    <message>
        <source>How thick a lead is</source>
        <translation>Wie dick eine Leitung ist</translation>
    </message>
    <message>
        <source>How {} is fed</source>
        <translation>Wie {} gespeist wird</translation>
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
        <source>IN towards {}, OUT towards {}; its − to the return.</source>
        <translation>IN zu {}, OUT zu {}; sein − an die Rückleitung.</translation>
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
        <source>Idle {}: the mean of what lies below {}.</source>
        <translation>Leerlauf {}: das Mittel dessen, was unter {} liegt.</translation>
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
        <source>In %1, out %2. The mark is its derated current; at the right its dissipation%3.</source>
        <translation>Eingang %1, Ausgang %2. Der Strich ist sein Strom nach Derating; rechts seine Verlustleistung%3.</translation>
    </message>
    <message>
        <source>In AWG</source>
        <translation>In AWG</translation>
    </message>
    <message>
        <source>In a bore of {}: strip {}.</source>
        <translation>In einer Bohrung von {}: {} abisolieren.</translation>
    </message>
    <message>
        <source>In it: {}</source>
        <translation>Darin: {}</translation>
    </message>
    <message>
        <source>In its wall: </source>
        <translation>In seiner Wand: </translation>
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
        <source>In the order in which it is opened: {}.</source>
        <translation>In der Reihenfolge, in der geöffnet wird: {}.</translation>
    </message>
    <message>
        <source>In the order in which they go in, low before tall:</source>
        <translation>In der Reihenfolge, in der sie hineinkommen, niedrig vor hoch:</translation>
    </message>
    <message>
        <source>In the place of {} a lamp for {}.</source>
        <translation>An die Stelle von {} eine Lampe für {}.</translation>
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
        <source>In the zone %1</source>
        <translation>In der Fläche %1</translation>
    </message>
    <message>
        <source>In the {}: {}</source>
        <translation>In {}: {}</translation>
    </message>
    <message>
        <source>In {} of air; such switches are true to {} K.</source>
        <translation>In Luft von {}; solche Schalter sind auf {} K genau.</translation>
    </message>
    <message>
        <source>In {}, {} long; a case takes half an hour to get warm.</source>
        <translation>In {}, {} lang; ein Gehäuse braucht eine halbe Stunde, um warm zu werden.</translation>
    </message>
    <message>
        <source>Input</source>
        <translation>Eingang</translation>
    </message>
    <message>
        <source>Input {} (pack empty) – {} (charging)</source>
        <translation>Sieht {} (Akku leer) – {} (beim Laden)</translation>
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
        <source>Inside it: {} mΩ·Ah ÷ {} × {} cells{} = {} at half charge, {}</source>
        <translation>Innen: {} mΩ·Ah ÷ {} × {} Zellen{} = {} bei halber Ladung, {}</translation>
    </message>
    <message>
        <source>Inside it: {} × {} cells ÷ {}{} = {} at half charge, {}</source>
        <translation>Innen: {} × {} Zellen ÷ {}{} = {} bei halber Ladung, {}</translation>
    </message>
    <message>
        <source>Inside {}</source>
        <translation>In {}</translation>
    </message>
    <message>
        <source>Insulate another way</source>
        <translation>Anders isolieren</translation>
    </message>
    <message>
        <source>Into the slot of {}'s fuse: {}.</source>
        <translation>In den Platz der Sicherung von {}: {}.</translation>
    </message>
    <message>
        <source>Into {}, over {}: about {}</source>
        <translation>In {}, über {}: etwa {}</translation>
    </message>
    <message>
        <source>Is a comma between digits in “{}” a decimal one, or does it end a cell? Write 1.5, or put a semicolon between the cells.</source>
        <translation>Ist ein Komma zwischen Ziffern in „{}“ ein Dezimalkomma, oder beendet es eine Zelle? 1.5 schreiben oder die Zellen mit Semikolon trennen.</translation>
    </message>
    <message>
        <source>It burns what is near when it fires: keep eyes and hands away and do not lean over it.</source>
        <translation>Er verbrennt beim Zünden, was nahe ist: Augen und Hände weg, niemand darüber.</translation>
    </message>
    <message>
        <source>It cannot be read and stays where it is: %1</source>
        <translation>Es kann nicht gelesen werden und bleibt, wo es ist: %1</translation>
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
        <source>It gives {} for that moment, 1.25 × its printed {}.</source>
        <translation>Er gibt für diesen Augenblick {}, 1,25 × die aufgedruckten {}.</translation>
    </message>
    <message>
        <source>It gives {}; its loads need {}.</source>
        <translation>Er gibt {}; seine Verbraucher wollen {}.</translation>
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
        <source>It is in the wall of {}</source>
        <translation>Sie ist in der Wand von {}</translation>
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
        <source>It is rated for {} continuously and {} for {}; {} and {} are drawn.</source>
        <translation>Ausgelegt für {} dauernd und {} für {}; entnommen werden {} und {}.</translation>
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
        <source>It is to come after “{}”, which is no step any more: that counts as met.</source>
        <translation>Er soll nach „{}“ kommen, das kein Schritt mehr ist: das gilt als erfüllt.</translation>
    </message>
    <message>
        <source>It is {} too short.</source>
        <translation>Sie ist {} zu kurz.</translation>
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
        <source>It lies on the way: from 0 to %1 is expected.</source>
        <translation>Es liegt auf dem Weg: von 0 bis %1 wird erwartet.</translation>
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
        <source>It needs {} free behind the wall, its wires bent included.</source>
        <translation>Es braucht {} frei hinter der Wand, die gebogenen Drähte eingerechnet.</translation>
    </message>
    <message>
        <source>It needs {} – {}.</source>
        <translation>Er braucht {} – {}.</translation>
    </message>
    <message>
        <source>It no longer goes on after the joint is made; too close to the iron it shrinks where it is parked.</source>
        <translation>Nach der Verbindung geht er nicht mehr darauf; zu nah am Kolben schrumpft er, wo er wartet.</translation>
    </message>
    <message>
        <source>It reaches {} at {}; hot glue softens from {}.</source>
        <translation>Es wird {} bei {}, und Heißkleber lässt ab {} los.</translation>
    </message>
    <message>
        <source>It rests {} below them; packs join within 0.05 V per cell.</source>
        <translation>Er ruht {} unter ihnen; Akkus werden innerhalb von 0,05 V je Zelle verbunden.</translation>
    </message>
    <message>
        <source>It should read {}.</source>
        <translation>Er soll {} zeigen.</translation>
    </message>
    <message>
        <source>It stands on metal: four of {} under its board.</source>
        <translation>Er steht auf Metall: vier {} unter seine Platine.</translation>
    </message>
    <message>
        <source>It stands {} out in front: keep lids and slides clear of it there.</source>
        <translation>Es steht vorn {} vor: Deckel und Schieber dort fernhalten.</translation>
    </message>
    <message>
        <source>It stays on the ground</source>
        <translation>Es bleibt am Boden</translation>
    </message>
    <message>
        <source>It takes {} to {} mm²; the wire has {} mm².</source>
        <translation>Er nimmt {} bis {} mm²; die Leitung hat {} mm².</translation>
    </message>
    <message>
        <source>It waits for “{}”, which waits for it: take one of the two apart.</source>
        <translation>Er wartet auf „{}“, das auf ihn wartet: einen der beiden lösen.</translation>
    </message>
    <message>
        <source>It was done, and the plan has changed since: {}.</source>
        <translation>Es war gemacht, und der Plan hat sich seither geändert: {}.</translation>
    </message>
    <message>
        <source>It was made as {}; that comes off first.</source>
        <translation>Es wurde als {} gemacht; das kommt zuerst ab.</translation>
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
        <source>Its board is {} round: a tube that opens to {} or more.</source>
        <translation>Seine Platine misst {} im Umfang: ein Schlauch, der sich auf {} oder mehr öffnet.</translation>
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
        <source>Its cells are rated for {} × {} = {}: {} of that</source>
        <translation>Seine Zellen vertragen {} × {} = {}: {} davon</translation>
    </message>
    <message>
        <source>Its coil: + {}, − {} to the return.</source>
        <translation>Seine Spule: + {}, − {} an die Rückleitung.</translation>
    </message>
    <message>
        <source>Its distance is not given; {} is assumed.</source>
        <translation>Wie weit weg er liegt, hat niemand gesagt; {} wird angenommen.</translation>
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
        <source>Its ring on the + stud through the {} test lead; say the polarity aloud first.</source>
        <translation>Ihr Ring an den Plusbolzen über die Prüfleitung mit {}, Plus laut gesagt.</translation>
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
        <source>Its supply: {} × {} = {}; drawn {}</source>
        <translation>Seine Versorgung: {} × {} = {}; verlangt {}</translation>
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
        <source>Its voltage ranges from {} (empty) to {} (charging).</source>
        <translation>Ihre Spannung liegt zwischen {} (leer) und {} (beim Laden).</translation>
    </message>
    <message>
        <source>Its voltage ranges from {} to {}.</source>
        <translation>Ihre Spannung liegt zwischen {} und {}.</translation>
    </message>
    <message>
        <source>Its voltage ranges from {} to {}; worst-case sag to {} ({}).</source>
        <translation>Ihre Spannung liegt zwischen {} und {}; im ungünstigsten Fall {} ({}).</translation>
    </message>
    <message>
        <source>Its voltage was {} – {}{}</source>
        <translation>Seine Spannung war {} – {}{}</translation>
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
        <source>Join the minus of the {} lead at {}</source>
        <translation>Minus der Leitung {} an {} anschließen</translation>
    </message>
    <message>
        <source>Join wires at a hub in another way</source>
        <translation>Drähte anders zusammenführen</translation>
    </message>
    <message>
        <source>Join {} at {}</source>
        <translation>Verbinde {} bei {}</translation>
    </message>
    <message>
        <source>Join {} − to the return of {}</source>
        <translation>Verbinde {} − mit der Rückleitung von {}</translation>
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
        <source>Key off: nothing. Key on: {}.</source>
        <translation>Schlüssel aus: nichts. Schlüssel an: {}.</translation>
    </message>
    <message>
        <source>Key off: {} all the same.</source>
        <translation>Schlüssel aus: trotzdem {}.</translation>
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
        <source>Knot it at {}, once all is through.</source>
        <translation>Bei {} knoten, wenn alles durch ist.</translation>
    </message>
    <message>
        <source>Knots on the way use {}: a dozen times its thickness each.</source>
        <translation>Knoten auf dem Weg brauchen {}: jeder das Zwölffache der Dicke.</translation>
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
        <source>Label both ends “{}”.</source>
        <translation>Beschrifte beide Enden „{}“.</translation>
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
        <source>Land it on {}</source>
        <translation>Setze sie auf {}</translation>
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
        <source>Largest of E12 with 5·R·C ≤ {}: {}.</source>
        <translation>Der größte aus E12 mit 5·R·C ≤ {}: {}.</translation>
    </message>
    <message>
        <source>Largest that protects</source>
        <translation>Die größte, die schützt</translation>
    </message>
    <message>
        <source>Largest that protects it: {}.</source>
        <translation>Die größte, die ihn schützt: {}.</translation>
    </message>
    <message>
        <source>Largest that protects {}: {}</source>
        <translation>Die größte, die {} schützt: {}</translation>
    </message>
    <message>
        <source>Last: from here on one more mistake fires it.</source>
        <translation>Zuletzt, denn von hier an zündet ihn ein weiterer Fehler.</translation>
    </message>
    <message>
        <source>Later: one of %1 at the most.</source>
        <translation>Später: höchstens eines von %1.</translation>
    </message>
    <message>
        <source>Later: room for one of {} and no more</source>
        <translation>Später: Platz für eines von {} und nicht mehr</translation>
    </message>
    <message>
        <source>Later: room for {} more of {}, or for one of {}</source>
        <translation>Später: Platz für {} weitere von {} oder eines von {}</translation>
    </message>
    <message>
        <source>Lay everything out</source>
        <translation>Alles bereitlegen</translation>
    </message>
    <message>
        <source>Lay out {} as it came</source>
        <translation>{} bereitlegen, wie sie ist</translation>
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
        <source>Lay {}</source>
        <translation>{} verlegen</translation>
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
        <source>Leave it in {}; pull and insulate it in the rest.</source>
        <translation>Lass sie in {}; zieh und isoliere sie in den anderen.</translation>
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
        <source>Left in {}, it no longer starts after {}.</source>
        <translation>In {} stehen gelassen, startet es nach {} nicht mehr.</translation>
    </message>
    <message>
        <source>Left in {}: {} from full to empty.</source>
        <translation>In {} stehen gelassen: {} von voll bis leer.</translation>
    </message>
    <message>
        <source>Left out</source>
        <translation>Weggelassen</translation>
    </message>
    <message>
        <source>Left standing: {}.</source>
        <translation>Stehen gelassen: {}.</translation>
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
        <source>Length of %1</source>
        <translation>Länge von %1</translation>
    </message>
    <message>
        <source>Length × width × height is expected: “220 × 140 × 80 mm”.</source>
        <translation>Länge × Breite × Höhe wird erwartet: „220 × 140 × 80 mm“.</translation>
    </message>
    <message>
        <source>Length: {}</source>
        <translation>Länge: {}</translation>
    </message>
    <message>
        <source>Lengthen it with a splice</source>
        <translation>Mit einem Spleiß verlängern</translation>
    </message>
    <message>
        <source>Lengthen the {}</source>
        <translation>Verlängern: {}</translation>
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
        <source>Less a tenth for the meter: {}.</source>
        <translation>Ein Zehntel weniger für das Messgerät: {}.</translation>
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
        <source>Lift the latch, pull the {} contact out of both housings, fold it back and shrink {} over it.</source>
        <translation>Heb die Raste, zieh den Kontakt {} aus beiden Gehäusen, falte ihn zurück und schrumpf {} darüber.</translation>
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
        <source>Line %1: %2 Nothing was pasted.</source>
        <translation>Zeile %1: %2 Nichts wurde eingefügt.</translation>
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
        <source>Loads {} continuously, {} in the worst second</source>
        <translation>Verbraucher {} dauernd, {} in der schlimmsten Sekunde</translation>
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
        <source>Look at %1.</source>
        <translation>%1 ansehen.</translation>
    </message>
    <message>
        <source>Look at both plugs, pin by pin: {}.</source>
        <translation>Beide Stecker ansehen, Pin für Pin: {}.</translation>
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
        <source>Look once more at {}: every joint there is made and every plug is in.</source>
        <translation>Noch einmal nach {} sehen: Jede Verbindung ist gemacht, jeder Stecker steckt.</translation>
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
        <source>Low-resistance electrolytic for {} or more, at the controller, its leads short, plus to plus.</source>
        <translation>Elko mit kleinem Innenwiderstand für {} oder mehr, am Regler, Beine kurz, Plus an Plus.</translation>
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
        <source>Lowest charge {}; from full, working without a pause, {}.</source>
        <translation>Tiefste Ladung {}; von voll an, ohne Pause arbeitend, {}.</translation>
    </message>
    <message>
        <source>Lowest: {}</source>
        <translation>Am tiefsten: {}</translation>
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
        <source>Make a {} for it</source>
        <translation>Mach dafür: {}</translation>
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
        <source>Make it {}</source>
        <translation>Mach sie {}</translation>
    </message>
    <message>
        <source>Make it {} in series too</source>
        <translation>Mach auch diesen zu {} in Reihe</translation>
    </message>
    <message>
        <source>Make it {} too</source>
        <translation>Mach auch diesen zu {}</translation>
    </message>
    <message>
        <source>Make the {}.</source>
        <translation>Mache: {}.</translation>
    </message>
    <message>
        <source>Make up: </source>
        <translation>Konfektionieren: </translation>
    </message>
    <message>
        <source>Many branches at one splice are made as one pigtail</source>
        <translation>Viele Abzweige an einer Stelle werden als ein Sammelspleiß gemacht</translation>
    </message>
    <message>
        <source>Many chargers stop at C/20: {} ÷ 20 h = {}.</source>
        <translation>Viele Ladegeräte beenden bei C/20: {} ÷ 20 h = {}.</translation>
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
        <source>Measure %1</source>
        <translation>%1 messen</translation>
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
        <source>Measure {}</source>
        <translation>Miss {}</translation>
    </message>
    <message>
        <source>Measure {} from the plug at {}, which stays on, and cut there.</source>
        <translation>Vom Stecker an {1}, der dran bleibt, {0} abmessen und dort abschneiden.</translation>
    </message>
    <message>
        <source>Measure {} of it and cut there.</source>
        <translation>{} abmessen und dort abschneiden.</translation>
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
        <source>Measured on the machine: </source>
        <translation>An der Maschine gemessen: </translation>
    </message>
    <message>
        <source>Measured. Type another, such as 0.9 m or 2*0.4m+10%</source>
        <translation>Gemessen. Tippe eine andere, etwa 0.9 m oder 2*0.4m+10%</translation>
    </message>
    <message>
        <source>Mend it: %1</source>
        <translation>Beheben: %1</translation>
    </message>
    <message>
        <source>Mend it: %1 (%2)</source>
        <translation>Beheben: %1 (%2)</translation>
    </message>
    <message>
        <source>Merge into %1</source>
        <translation>Mit %1 zusammenlegen</translation>
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
        <source>Motors: joined by clips or plugs until each turns the right way; then permanently.</source>
        <translation>Motoren: mit Klemmen oder Steckern verbinden, bis jeder richtig dreht; dann endgültig.</translation>
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
        <source>Move it to {}</source>
        <translation>Nach {} setzen</translation>
    </message>
    <message>
        <source>Move up	Alt+Up</source>
        <translation>Nach oben	Alt+Up</translation>
    </message>
    <message>
        <source>Move {} out to {}: {} inside then</source>
        <translation>{} hinaus nach {}: dann {} innen</translation>
    </message>
    <message>
        <source>Must pass {} (expanded ≥ 1.1 ×) and grip {} (recovered ≤ 0.9 ×)</source>
        <translation>Muss {} durchlassen (weit ≥ 1,1 ×) und {} fassen (geschrumpft ≤ 0,9 ×)</translation>
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
        <source>Next: %1</source>
        <translation>Weiter: %1</translation>
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
        <source>No fuse of their own, since a fuse or a current limit upstream protects them: {}.</source>
        <translation>Ohne eigene Sicherung, da eine Sicherung oder Strombegrenzung davor sie schützt: {}.</translation>
    </message>
    <message>
        <source>No fuse opens within an hour.</source>
        <translation>Keine Sicherung öffnet innerhalb einer Stunde.</translation>
    </message>
    <message>
        <source>No fuse protects this stretch. As close to the source as practical; {} at most.</source>
        <translation>Einen Kurzschluss dort unterbricht nichts. So nah an der Quelle wie möglich; höchstens {}.</translation>
    </message>
    <message>
        <source>No fuse: its source gives {} at the most, which the wire carries.</source>
        <translation>Keine Sicherung: was sie speist, gibt höchstens {}; die Leitung hält das aus.</translation>
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
        <source>No lead ends at {}.</source>
        <translation>Keine Leitung endet bei {}.</translation>
    </message>
    <message>
        <source>No less than {}: what is connected needs it.</source>
        <translation>Nicht weniger als {}: was angeschlossen ist, braucht es.</translation>
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
        <source>No measured way joins the two ends; </source>
        <translation>Kein gemessener Weg verbindet die beiden Enden; </translation>
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
        <source>No more than {}: the connected loads are rated for no more.</source>
        <translation>Nicht mehr als {}: was angeschlossen ist, verträgt nicht mehr.</translation>
    </message>
    <message>
        <source>No operating point was found at {}: what happens there is in no figure of the worst case.</source>
        <translation>Bei {} wurde kein Arbeitspunkt gefunden: was dort geschieht, steht in keiner Zahl des schlimmsten Falls.</translation>
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
        <source>No operating point was found for {}: the day cannot be played.</source>
        <translation>Für {} wurde kein Arbeitspunkt gefunden: der Tag kann nicht durchgespielt werden.</translation>
    </message>
    <message>
        <source>No operating point was found in {}: the day cannot be played.</source>
        <translation>In {} wurde kein Arbeitspunkt gefunden: der Tag kann nicht durchgespielt werden.</translation>
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
        <source>No power flows yet.</source>
        <translation>Noch fließt keine Leistung.</translation>
    </message>
    <message>
        <source>No proposal: %1.</source>
        <translation>Kein Vorschlag: %1.</translation>
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
        <source>No tube at hand covers it; %1 would.</source>
        <translation>Kein vorhandener Schlauch deckt sie; %1 täte es.</translation>
    </message>
    <message>
        <source>No tube covers it.</source>
        <translation>Kein Schlauch deckt sie.</translation>
    </message>
    <message>
        <source>No tube goes over both joints, {}: leave them beside one another.</source>
        <translation>Kein Schlauch geht über beide Verbindungen, {}: lass sie nebeneinander.</translation>
    </message>
    <message>
        <source>No tube in the catalogue does both.</source>
        <translation>Kein Schlauch im Katalog tut beides.</translation>
    </message>
    <message>
        <source>No tube passes {}: it is taped over all when each joint has its own.</source>
        <translation>Kein Schlauch geht über {}: das Ganze wird mit Band umwickelt, wenn jede Verbindung ihren hat.</translation>
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
        <source>None of its own; protected by the upstream {} fuse.</source>
        <translation>Keine eigene; hängt an der Sicherung {} davor.</translation>
    </message>
    <message>
        <source>None of the tubes at hand does both; </source>
        <translation>Keiner der vorhandenen Schläuche tut beides; </translation>
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
        <source>Not done, since it could not be saved: %1</source>
        <translation>Nicht getan, da es sich nicht sichern ließ: %1</translation>
    </message>
    <message>
        <source>Not glued until it is measured</source>
        <translation>Erst messen, dann kleben</translation>
    </message>
    <message>
        <source>Not measured: {}</source>
        <translation>Nicht gemessen: {}</translation>
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
        <source>Not there to be kept beside the plan: %1.</source>
        <translation>Nicht da, um neben dem Plan behalten zu werden: %1.</translation>
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
        <source>Nothing holds {} in place: when the machine moves it is thrown against its own lead.</source>
        <translation>Nichts ist gesagt, was {} hält: Was sich bewegt, wirft ihn gegen seine eigene Leitung.</translation>
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
        <source>Nothing runs in any phase: all taken as at work in {}.</source>
        <translation>In keiner Phase läuft etwas: alles als in {} arbeitend angenommen.</translation>
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
        <source>Nothing turns {} off.</source>
        <translation>Nichts schaltet {} aus.</translation>
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
        <source>Of its supply of {} the motor gets {}.</source>
        <translation>Von den {}, die ihn speisen, bekommt der Motor {}.</translation>
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
        <source>Of these, {} × is its age.</source>
        <translation>Davon ist {} × sein Alter.</translation>
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
        <source>On a pad of {}: strip {}, so that the insulation ends at its edge; a tip no wider than it.</source>
        <translation>Auf einer Lötfläche von {}: {} abisolieren, sodass die Isolierung an ihrem Rand endet; die Spitze nicht breiter als sie.</translation>
    </message>
    <message>
        <source>On in {}</source>
        <translation>An in {}</translation>
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
        <source>On poor days alone it lasts {}</source>
        <translation>An schlechten Tagen allein hält er {}</translation>
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
        <source>On the way {}</source>
        <translation>Auf dem Weg {}</translation>
    </message>
    <message>
        <source>One action fires {}: two separate ones are wanted, arm and fire.</source>
        <translation>Eine Handlung zündet {}: Gewollt sind zwei getrennte, scharf machen und zünden.</translation>
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
        <source>One load at a time: volts at its plug, empty and running.</source>
        <translation>Ein Verbraucher nach dem anderen: Volt an seinem Stecker, unbelastet und unter Last.</translation>
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
        <source>One of them is twisted; with untwisted pairs it would be {}.</source>
        <translation>Eines davon ist verdrillt; offen wären es {}.</translation>
    </message>
    <message>
        <source>One of {}</source>
        <translation>Eines mit {}</translation>
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
        <source>Open it to {}</source>
        <translation>Auf {} aufweiten</translation>
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
        <source>Openings in section, {}</source>
        <translation>Öffnungen im Schnitt, {}</translation>
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
        <source>Or from a bench supply at {} limited to {}</source>
        <translation>Oder aus einem Labornetzteil mit {}, begrenzt auf {}</translation>
    </message>
    <message>
        <source>Or from a bench supply limited to {}.</source>
        <translation>Oder aus einem Labornetzteil, begrenzt auf {}.</translation>
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
        <source>Out and back to the vehicle's battery: {}.</source>
        <translation>Hin und zurück zur Fahrzeugbatterie: {}.</translation>
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
        <source>Over the day hottest at the end of {}: {}, {} of what that phase would settle at.</source>
        <translation>Über den Tag am heißesten am Ende von {}: {}, {} davon, worauf sich diese Phase einpendeln würde.</translation>
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
        <source>Park them {} or more from where the iron will be.</source>
        <translation>Park sie {} oder mehr von dort, wo der Kolben sein wird.</translation>
    </message>
    <message>
        <source>Parked</source>
        <translation>Abgestellt</translation>
    </message>
    <message>
        <source>Parked, {} supplies {} to what stays on: half of a 50 Ah battery in {}.</source>
        <translation>Im Stand verliert {} {} an das, was an bleibt: die Hälfte einer Batterie von 50 Ah in {}.</translation>
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
        <source>Past the {}, at {}.</source>
        <translation>Vorbei an: {}, bei {}.</translation>
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
        <source>Peak {} against saturation {}.</source>
        <translation>Spitze {} gegen Sättigung {}.</translation>
    </message>
    <message>
        <source>Peak {} for up to {}.</source>
        <translation>Spitze {} für bis zu {}.</translation>
    </message>
    <message>
        <source>Peak {} for {}</source>
        <translation>Spitze {} für {}</translation>
    </message>
    <message>
        <source>Peak {} for {}.</source>
        <translation>Spitze {} für {}.</translation>
    </message>
    <message>
        <source>Peak {}; it limits at about {}.</source>
        <translation>Spitze {}; los lässt es bei etwa {}.</translation>
    </message>
    <message>
        <source>Peukert {}: empties {} × faster than its ampere-hours say</source>
        <translation>Peukert {}: leert {} × schneller, als seine Amperestunden sagen</translation>
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
        <source>Pigtail: {}</source>
        <translation>Sammelspleiß: {}</translation>
    </message>
    <message>
        <source>Pin by pin: {}.</source>
        <translation>Stift für Stift: {}.</translation>
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
        <source>Plan A is kept only until you leave: %1</source>
        <translation>Plan A bleibt nur, bis du gehst: %1</translation>
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
        <source>Plugging {} in sparks: {} into {} µF.</source>
        <translation>{} einzustecken funkt: {} in {} µF.</translation>
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
        <source>Propellers off. </source>
        <translation>Propeller ab. </translation>
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
        <source>Prove the loads fed directly from {}</source>
        <translation>Prüfe, was direkt an {} hängt</translation>
    </message>
    <message>
        <source>Prove {}</source>
        <translation>Prüfe {}</translation>
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
        <source>Pull the {} fuse of the circuit; keep it at hand.</source>
        <translation>Zieh die Sicherung {} des Stromkreises; behalte sie zur Hand.</translation>
    </message>
    <message>
        <source>Pull {} red {}</source>
        <translation>Ziehe {} rote {}</translation>
    </message>
    <message>
        <source>Pull: {}</source>
        <translation>Ziehen: {}</translation>
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
        <source>Put in %1</source>
        <translation>%1 einsetzen</translation>
    </message>
    <message>
        <source>Put in the {}.</source>
        <translation>Setz ein: {}.</translation>
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
        <source>Put the lid of {} on without pinching a wire; test once more.</source>
        <translation>Den Deckel von {} auf, nichts eingeklemmt; noch einmal prüfen.</translation>
    </message>
    <message>
        <source>Put the lid on without pinching a wire; test once more before the trim goes back.</source>
        <translation>Setz den Deckel auf, ohne dass etwas klemmt; prüfe noch einmal, ehe die Verkleidung zurückkommt.</translation>
    </message>
    <message>
        <source>Put the {} in its lead</source>
        <translation>{} in seine Leitung setzen</translation>
    </message>
    <message>
        <source>Q {}: damped by its own resistance.</source>
        <translation>Q {}: durch seinen eigenen Widerstand gedämpft.</translation>
    </message>
    <message>
        <source>Q {}: it rings; {} with a capacitor of four times C across the output calms it.</source>
        <translation>Q {}: es schwingt über; {} mit einem Kondensator von 4 C über dem Ausgang dämpft es.</translation>
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
        <source>Reading %1…</source>
        <translation>%1 wird gelesen…</translation>
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
        <source>Recommended charging current: {}.</source>
        <translation>Er will mit {} geladen werden.</translation>
    </message>
    <message>
        <source>Record  (Enter)</source>
        <translation>Eintragen  (Enter)</translation>
    </message>
    <message>
        <source>Record %1 readings</source>
        <translation>%1 Messungen festhalten</translation>
    </message>
    <message>
        <source>Record a reading</source>
        <translation>Eine Messung festhalten</translation>
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
        <source>Redo %1	Ctrl+Shift+Z</source>
        <translation>Wieder: %1	Ctrl+Shift+Z</translation>
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
        <source>Relay: %1</source>
        <translation>Relais: %1</translation>
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
        <source>Remove %1</source>
        <translation>%1 entfernen</translation>
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
        <source>Removed %1</source>
        <translation>%1 entfernt</translation>
    </message>
    <message>
        <source>Removed a source</source>
        <translation>Eine Quelle entfernt</translation>
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
        <source>Resistance {}: {} × a new pack's {}.</source>
        <translation>Widerstand {}: {} × die {} eines neuen Akkus.</translation>
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
        <source>Ring the sheath {} from one end and {} from the other, bend it there and pull it off: never cut through to the cores.</source>
        <translation>Den Mantel {} vom einen und {} vom anderen Ende rundum einschneiden, dort knicken und abziehen: nie bis auf die Adern schneiden.</translation>
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
        <source>Room is kept for one of %1</source>
        <translation>Platz bleibt für eine von %1</translation>
    </message>
    <message>
        <source>Round the corner in a curve as wide as it has room for, never pulled tight over it.</source>
        <translation>In so weitem Bogen um die Ecke, wie Platz ist, nie straff darüber gezogen.</translation>
    </message>
    <message>
        <source>Round the corner to {}</source>
        <translation>Ecke auf {} runden</translation>
    </message>
    <message>
        <source>Round the {}: {}</source>
        <translation>Um {}: {}</translation>
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
        <source>Ruled out: </source>
        <translation>Ausgeschieden: </translation>
    </message>
    <message>
        <source>Rules of thumb: cautious {}, bold {}</source>
        <translation>Handwerksregeln: vorsichtig {}, kühn {}</translation>
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
        <source>Runs %1  ·  worst drop %2  ·  %3</source>
        <translation>Läuft %1  ·  größter Abfall %2  ·  %3</translation>
    </message>
    <message>
        <source>Runs of wire to make</source>
        <translation>Leitungen, die zu machen sind</translation>
    </message>
    <message>
        <source>Runs {}, peak {}{}</source>
        <translation>Läuft mit {}, Spitze {}{}</translation>
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
        <source>Saved to %1.</source>
        <translation>Gesichert nach %1.</translation>
    </message>
    <message>
        <source>Saved to %1; the version before could not be kept: %2</source>
        <translation>Gesichert in %1; die Fassung davor konnte nicht aufbewahrt werden: %2</translation>
    </message>
    <message>
        <source>Say a part's terminals</source>
        <translation>Die Klemmen eines Teils sagen</translation>
    </message>
    <message>
        <source>Say it of %1 things</source>
        <translation>Von %1 Dingen sagen</translation>
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
        <source>Seat it in the wall of {}</source>
        <translation>In die Wand von {} setzen</translation>
    </message>
    <message>
        <source>Seat it in: {}</source>
        <translation>Setze sie in: {}</translation>
    </message>
    <message>
        <source>Seat the fuse in</source>
        <translation>Die Sicherung setzen in</translation>
    </message>
    <message>
        <source>Seat the fuse in: %1</source>
        <translation>Die Sicherung setzen in: %1</translation>
    </message>
    <message>
        <source>Seat {}</source>
        <translation>Setze {} ein</translation>
    </message>
    <message>
        <source>Seat {} at {}</source>
        <translation>Setze {} bei {} ein</translation>
    </message>
    <message>
        <source>Seat {} in {}</source>
        <translation>{} in {} einsetzen</translation>
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
        <source>Self-discharge takes {} of it by itself.</source>
        <translation>Die Selbstentladung nimmt davon allein {}.</translation>
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
        <source>Servos are rated for {} at most; the plug is the same.</source>
        <translation>Servos vertragen höchstens {}; der Stecker ist derselbe.</translation>
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
        <source>Set to {}</source>
        <translation>Eingestellt auf {}</translation>
    </message>
    <message>
        <source>Set voltage</source>
        <translation>Eingestellte Spannung</translation>
    </message>
    <message>
        <source>Set voltage of %1</source>
        <translation>Eingestellte Spannung von %1</translation>
    </message>
    <message>
        <source>Set {}</source>
        <translation>Stell ihn auf {}</translation>
    </message>
    <message>
        <source>Set {} to {}</source>
        <translation>Stell {} auf {}</translation>
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
        <source>Shield what lies beneath with a wet cloth; the insulation shrinks back {}.</source>
        <translation>Ein nasses Tuch schirmt ab, was darunter liegt; die Isolierung zieht sich {} zurück.</translation>
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
        <source>Short</source>
        <translation>Kurzschluss</translation>
    </message>
    <message>
        <source>Short at its end</source>
        <translation>Kurz am Ende</translation>
    </message>
    <message>
        <source>Short at the end of {} of {}</source>
        <translation>Kurzschluss am Ende von {} {}</translation>
    </message>
    <message>
        <source>Short by {}.</source>
        <translation>Es fehlen {}.</translation>
    </message>
    <message>
        <source>Short or no short</source>
        <translation>Kurzschluss oder keiner</translation>
    </message>
    <message>
        <source>Shorten each lead of the holder to {}{}.</source>
        <translation>Kürze jeden Anschluss des Halters auf {}{}.</translation>
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
        <source>Side {}</source>
        <translation>Ansicht {}</translation>
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
        <source>Sit it on {}</source>
        <translation>Setz ihn auf {}</translation>
    </message>
    <message>
        <source>Sits in an opening of {}.</source>
        <translation>Sitzt in einer Öffnung von {}.</translation>
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
        <source>Slide dome nuts and seals on first, in this order: {}.</source>
        <translation>Zuerst Hutmuttern und Dichtungen aufschieben, in dieser Reihenfolge: {}.</translation>
    </message>
    <message>
        <source>Slide on the braid, to {} from {}.</source>
        <translation>Schieb das Geflecht auf, bis {} von {}.</translation>
    </message>
    <message>
        <source>Slide on the {}, for the end at {}.</source>
        <translation>Aufschieben: {}, für das Ende bei {}.</translation>
    </message>
    <message>
        <source>Slide on the {}, to {} from {}.</source>
        <translation>Aufschieben: {}, bis {} ab {}.</translation>
    </message>
    <message>
        <source>Slide on {}, for the end at {}.</source>
        <translation>Schieb {} auf, für das Ende bei {}.</translation>
    </message>
    <message>
        <source>Slide on {}; park it {} from the end at {}.</source>
        <translation>Schieb {} auf; park es {} vom Ende bei {}.</translation>
    </message>
    <message>
        <source>Slide the dome nut and the seal of {} on first.</source>
        <translation>Zuerst Hutmutter und Dichtung von {} aufschieben.</translation>
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
        <source>Slide {} of {} over all of it and shrink it from the middle outwards.</source>
        <translation>{} {} über alles schieben und von der Mitte nach außen schrumpfen.</translation>
    </message>
    <message>
        <source>Slide {} of {} over all of it, its ends singed, and hold each with a short tube, half on the braid.</source>
        <translation>{} {} über alles schieben, die Enden angesengt, und jedes mit einem kurzen Schlauch halten, halb auf dem Geflecht.</translation>
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
        <source>Smallest that carries it: {}</source>
        <translation>Die kleinste, die es trägt: {}</translation>
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
        <source>Solved {} – {} over 10 – 100 % charge, module tolerance and ±2 % copper; the meter adds ±{}.</source>
        <translation>Gelöst {} – {} über 10 – 100 % Ladung, Toleranz der Wandler und ±2 % Kupfer; das Messgerät legt ±{} darauf.</translation>
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
        <source>Source: %1</source>
        <translation>Quelle: %1</translation>
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
        <source>Stand {} over {}</source>
        <translation>{} über {} stellen</translation>
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
        <source>Start-up {} for {}</source>
        <translation>Anlauf {} für {}</translation>
    </message>
    <message>
        <source>Start-up {} for {}.</source>
        <translation>Anlauf {} für {}.</translation>
    </message>
    <message>
        <source>Starts the vehicle down to {} charge: for {} of that.</source>
        <translation>Startet das Fahrzeug bis {} Ladung: {} davon.</translation>
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
        <source>Step %1 of %2%3</source>
        <translation>Schritt %1 von %2%3</translation>
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
        <source>Stick down {}</source>
        <translation>{} festkleben</translation>
    </message>
    <message>
        <source>Stop at {}, as near as the screw goes; its loads stand {}.</source>
        <translation>Bei {} aufhören, so genau die Schraube es zulässt; die Verbraucher vertragen {}.</translation>
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
        <source>Straight from {}</source>
        <translation>Direkt von {}</translation>
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
        <source>Strip {} of the sheath off both pieces, without nicking a core.</source>
        <translation>An beiden Stücken {} des Mantels entfernen, ohne eine Ader anzuritzen.</translation>
    </message>
    <message>
        <source>Strip {}, for a bore of {}.</source>
        <translation>{} abisolieren, für eine Bohrung von {}.</translation>
    </message>
    <message>
        <source>Strip {}.</source>
        <translation>Isoliere {} ab.</translation>
    </message>
    <message>
        <source>Strip {}: the insulation ends at the pad's edge.</source>
        <translation>{} abisolieren: die Isolierung endet am Rand der Lötfläche.</translation>
    </message>
    <message>
        <source>Strip {}: {} × the bared {}, rounded up.</source>
        <translation>{} abisolieren: {} × die blanken {}, aufgerundet.</translation>
    </message>
    <message>
        <source>Sun</source>
        <translation>So</translation>
    </message>
    <message>
        <source>Sun on its roof, what comes through: {}</source>
        <translation>Sonne auf seinem Dach, was durchkommt: {}</translation>
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
        <source>Take %1</source>
        <translation>Nimm %1</translation>
    </message>
    <message>
        <source>Take %1 otherwise</source>
        <translation>%1 anders nehmen</translation>
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
        <source>Take back: {}</source>
        <translation>Zurücknehmen: {}</translation>
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
        <source>Take out %1</source>
        <translation>%1 herausnehmen</translation>
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
        <source>Take the {}</source>
        <translation>{} nehmen</translation>
    </message>
    <message>
        <source>Take what another program wrote</source>
        <translation>Nehmen, was ein anderes Programm schrieb</translation>
    </message>
    <message>
        <source>Takes back “{}”.</source>
        <translation>Nimmt „{}“ zurück.</translation>
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
        <source>Tap at {}</source>
        <translation>Abzweig bei {}</translation>
    </message>
    <message>
        <source>Tap in with a {} fuse in the new slot; say the polarity aloud first.</source>
        <translation>Mit einer Sicherung von {} im neuen Platz abgreifen, Plus laut gesagt.</translation>
    </message>
    <message>
        <source>Tap the circuit of {}</source>
        <translation>Den Stromkreis anzapfen von {}</translation>
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
        <source>Tape, foam or a sleeve round the bundle fills it where the gland stays: {} of tape {} thick bring it to {}.</source>
        <translation>Band, Schaum oder ein Schlauch um das Bündel füllt sie, wo die Verschraubung bleibt: {} Band von {} Dicke bringen es auf {}.</translation>
    </message>
    <message>
        <source>Terminals of %1…</source>
        <translation>Klemmen von %1…</translation>
    </message>
    <message>
        <source>Terminate a bus</source>
        <translation>Einen Bus abschließen</translation>
    </message>
    <message>
        <source>Test each of {} alone, then join them at both ends: once joined, a broken one cannot be found.</source>
        <translation>Jede von {} einzeln prüfen, dann an beiden Enden verbinden: danach ist eine gebrochene nicht mehr zu finden.</translation>
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
        <source>That fuse into the tap's lower place, nearest its blades; ours, {}, above.</source>
        <translation>Diese Sicherung in den unteren Platz des Abgriffs, an seinen Zungen; unsere, {}, darüber.</translation>
    </message>
    <message>
        <source>That fuse, {}, into the tap's lower place, nearest its blades; ours, {}, above.</source>
        <translation>Diese Sicherung, {}, in den unteren Platz des Abgriffs, an seinen Zungen; unsere, {}, darüber.</translation>
    </message>
    <message>
        <source>The %1 that are selected</source>
        <translation>Die %1 ausgewählten</translation>
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
        <source>The band of a diode, or its OUT, towards {}.</source>
        <translation>Den Ring einer Diode, oder ihr OUT, zu {}.</translation>
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
        <source>The braid on, {} of it, to where it moves.</source>
        <translation>Das Geflecht darauf, {} davon, bis wo es sich bewegt.</translation>
    </message>
    <message>
        <source>The bridge of {} dissipates {} at {}: it needs a heat sink and air flow.</source>
        <translation>Die Brücke von {} verliert {} bei {}: sie will einen Kühlkörper und Luft.</translation>
    </message>
    <message>
        <source>The bridge of {} drops {}, {} of its supply.</source>
        <translation>Die Brücke von {} behält {} davon zurück, {} seiner Volt.</translation>
    </message>
    <message>
        <source>The bundle fits through its opening</source>
        <translation>Was durch ein Loch läuft, passt hindurch</translation>
    </message>
    <message>
        <source>The bundle weighs {} a metre; a machine that {} lets {} lie free.</source>
        <translation>Das Bündel wiegt {} je Meter; eine Maschine, die {}, lässt {} frei liegen.</translation>
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
        <source>The day as planned but for its charging</source>
        <translation>Der Tag wie geplant, aber ohne sein Laden</translation>
    </message>
    <message>
        <source>The day leaves {} in {}; a cold evening or an old cell takes that.</source>
        <translation>Der Tag lässt {} in {}; ein kalter Abend oder eine alte Zelle nimmt das.</translation>
    </message>
    <message>
        <source>The day on which %1 should be here, such as %2. What needs it waits till then.</source>
        <translation>Der Tag, an dem %1 da sein sollte, etwa %2. Was es braucht, wartet bis dahin.</translation>
    </message>
    <message>
        <source>The day takes {} out of it; ÷ {} usable ÷ {} = {}.</source>
        <translation>Der Tag entnimmt {}; ÷ {} nutzbar ÷ {} = {}.</translation>
    </message>
    <message>
        <source>The end at the live side is made last: until then nothing of this can become live.</source>
        <translation>Das Ende an der spannungführenden Seite wird zuletzt gemacht: bis dahin kann nichts davon unter Spannung stehen.</translation>
    </message>
    <message>
        <source>The end at {} stays unmade until all is through.</source>
        <translation>Das Ende bei {} bleibt ungemacht, bis alles hindurch ist.</translation>
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
        <source>The fit leaves {}.</source>
        <translation>Die Anpassung lässt {}.</translation>
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
        <source>The half with covered contacts towards {}, which stays live when it is open.</source>
        <translation>Die Hälfte mit verdeckten Kontakten zu {}, das offen unter Spannung bleibt.</translation>
    </message>
    <message>
        <source>The heading “{}” is no column of loads; {} are.</source>
        <translation>Die Überschrift „{}“ ist keine Spalte von Verbrauchern; {} sind es.</translation>
    </message>
    <message>
        <source>The headings “{}” and “{}” are both {}: one is enough.</source>
        <translation>Die Überschriften „{}“ und „{}“ bedeuten beide {}: eine genügt.</translation>
    </message>
    <message>
        <source>The help's file cannot be read: %1</source>
        <translation>Die Datei der Hilfe kann nicht gelesen werden: %1</translation>
    </message>
    <message>
        <source>The highest comes with the pack full or on its charger and little current flowing.</source>
        <translation>Am höchsten ist es bei vollem Akku oder am Ladegerät, wenn wenig Strom fließt.</translation>
    </message>
    <message>
        <source>The hottest air is {}; what it sits on adds {} K.</source>
        <translation>Die heißeste Luft ist {}; worauf er sitzt, kommt mit {} K dazu.</translation>
    </message>
    <message>
        <source>The idle current, {}, is above the typical {}.</source>
        <translation>Der Leerlaufstrom, {}, liegt über dem typischen, {}.</translation>
    </message>
    <message>
        <source>The insulation ends midway between both pairs of wings: {} of it under the rear ones.</source>
        <translation>Die Isolierung endet mitten zwischen beiden Flügelpaaren: {} davon unter den hinteren.</translation>
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
        <source>The joint</source>
        <translation>Die Verbindung</translation>
    </message>
    <message>
        <source>The key is off, or it is another circuit</source>
        <translation>Der Schlüssel ist aus, oder es ist ein anderer Stromkreis</translation>
    </message>
    <message>
        <source>The lead is {}; a cheap meter's own leads add up to {}.</source>
        <translation>Die Leitung hat {}; die eigenen Leitungen eines billigen Messgeräts legen bis {} darauf.</translation>
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
        <source>The minimum voltage, {}, is above the maximum, {}: swap them.</source>
        <translation>Die kleinste Spannung, {}, liegt über der größten, {}: tausche sie.</translation>
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
        <source>The nearest is “{}”.</source>
        <translation>Am nächsten kommt „{}“.</translation>
    </message>
    <message>
        <source>The newest of the pictures folder: %1</source>
        <translation>Das neueste aus dem Bilderordner: %1</translation>
    </message>
    <message>
        <source>The newest of the pictures folder: none is there</source>
        <translation>Das neueste aus dem Bilderordner: keines da</translation>
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
        <source>The other packs push {1} into {0} when they are connected.</source>
        <translation>Die anderen Packs treiben beim Verbinden {1} in {0}.</translation>
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
        <source>The pack is there already: {}.</source>
        <translation>Der Akku ist schon da: {}.</translation>
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
        <source>The parts at {} need {} up to {}, and no spacer is that long.</source>
        <translation>Was bei {} steht, braucht {} bis zu {}, und so lang ist kein Abstandhalter.</translation>
    </message>
    <message>
        <source>The peak, {}, is below the typical {}.</source>
        <translation>Die Spitze, {}, liegt unter den üblichen {}.</translation>
    </message>
    <message>
        <source>The phase could last</source>
        <translation>Die Phase könnte dauern</translation>
    </message>
    <message>
        <source>The phases in which it works</source>
        <translation>Die Phasen, in denen er arbeitet</translation>
    </message>
    <message>
        <source>The picture %1 is not beside the plan: put it back, or drop it here again.</source>
        <translation>Das Bild %1 liegt nicht neben dem Plan: leg es zurück oder lass es hier noch einmal fallen.</translation>
    </message>
    <message>
        <source>The plan itself: its air, its frame.</source>
        <translation>Der Plan selbst: seine Luft, sein Rahmen.</translation>
    </message>
    <message>
        <source>The plan's own pack does not serve: %1.  </source>
        <translation>Der eigene Akku des Plans genügt nicht: %1.  </translation>
    </message>
    <message>
        <source>The plan's own: %1, %2, %3</source>
        <translation>Der eigene des Plans: %1, %2, %3</translation>
    </message>
    <message>
        <source>The plug at {} stays on.</source>
        <translation>Der Stecker an {} bleibt dran.</translation>
    </message>
    <message>
        <source>The proposal</source>
        <translation>Der Vorschlag</translation>
    </message>
    <message>
        <source>The resistor takes {} J in one pulse: choose a wire-wound one rated for it.</source>
        <translation>Der Widerstand nimmt {} J in einem Stoß: wähle einen drahtgewickelten, der dafür ausgelegt ist.</translation>
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
        <source>The shortest way is {} past the {}; this goes round it: {}.</source>
        <translation>Der kürzeste Weg ist {}, vorbei an: {}; dieser geht außen herum: {}.</translation>
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
        <source>The starter turns down to {} charge.</source>
        <translation>Der Anlasser dreht bis {} Ladung.</translation>
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
        <source>The tallest thing there and 2 mm of air are {}; {} stand between the boards.</source>
        <translation>Das Höchste dort und 2 mm Luft sind {}; zwischen den Platinen stehen {}.</translation>
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
        <source>The widest plug, {}, does not pass: thread first, then terminate.</source>
        <translation>Der weiteste Stecker, {}, geht nicht durch: erst einfädeln, dann anschließen.</translation>
    </message>
    <message>
        <source>The window is empty: {} needs at least {}, {} at most {}.</source>
        <translation>Das Fenster ist leer: {} will mindestens {}, {} höchstens {}.</translation>
    </message>
    <message>
        <source>The window is what you said.</source>
        <translation>Das Fenster ist, was du gesagt hast.</translation>
    </message>
    <message>
        <source>The wire carries {} continuously, bunched and in {}.</source>
        <translation>Die Leitung trägt dauernd {}, gebündelt und bei {}.</translation>
    </message>
    <message>
        <source>The wires by then</source>
        <translation>Die Leitungen bis dahin</translation>
    </message>
    <message>
        <source>The wrong rail on this plug</source>
        <translation>Die falsche Schiene an diesem Stecker</translation>
    </message>
    <message>
        <source>The {}</source>
        <translation>Dies: {}</translation>
    </message>
    <message>
        <source>The {} closes on {} to {}, and what goes through is {} thick.</source>
        <translation>{} schließt um {} bis {}, und was hindurchgeht, ist {} dick.</translation>
    </message>
    <message>
        <source>The {} fuse opens before the wire is damaged, at any current.</source>
        <translation>Die Sicherung {} löst bei jedem Strom aus, bevor der Draht Schaden nimmt.</translation>
    </message>
    <message>
        <source>The {} fuse opens in normal use.</source>
        <translation>Die Sicherung {} öffnet im normalen Betrieb.</translation>
    </message>
    <message>
        <source>The {} has a bore of {}: none is known that small.</source>
        <translation>{} hat eine Weite von {}: so klein ist keine bekannt.</translation>
    </message>
    <message>
        <source>The {} is round and {} go through it: it does not seal between them.</source>
        <translation>Die Öffnung {} ist rund, und es gehen {} hindurch: dazwischen dichtet sie nicht.</translation>
    </message>
    <message>
        <source>The {} is there already, and does.</source>
        <translation>{} ist schon da und genügt.</translation>
    </message>
    <message>
        <source>The {} lies at {} on {}, which is {} long.</source>
        <translation>{} liegt bei {} auf {}, und der ist {} lang.</translation>
    </message>
    <message>
        <source>The {} wire begins at the tap's own lead: nothing of it is joined at {}.</source>
        <translation>Der Draht in {} beginnt an der Leitung des Abgriffs: Nichts von ihm wird an {} angeschlossen.</translation>
    </message>
    <message>
        <source>The {} wire to the pin marked +, the {} one to the other; check both halves before they meet.</source>
        <translation>Den {} Draht an den Stift mit +, den {} an den anderen; prüfe beide Hälften, ehe sie sich treffen.</translation>
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
        <source>Then {}, so that {}.</source>
        <translation>Dann {}, damit {}.</translation>
    </message>
    <message>
        <source>There are no loads in this table.</source>
        <translation>In dieser Tabelle sind keine Verbraucher.</translation>
    </message>
    <message>
        <source>There are two called {}: number them.</source>
        <translation>Zwei heißen {}: nummeriere sie.</translation>
    </message>
    <message>
        <source>There is a gland or grommet of that bore</source>
        <translation>Es gibt eine Verschraubung oder Tülle dieser Weite</translation>
    </message>
    <message>
        <source>There is a set called “%1” already: forget that first, or give this another name.</source>
        <translation>Einen Satz namens „%1“ gibt es schon: erst jenen vergessen, oder diesem einen anderen Namen geben.</translation>
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
        <source>There is no body “{}”; {}.</source>
        <translation>Es gibt kein Gehäuse „{}“; {}.</translation>
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
        <source>There is no place “{}”; {}.</source>
        <translation>Es gibt keinen Ort „{}“; {}.</translation>
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
        <source>Thermal switch sits %1</source>
        <translation>Thermoschalter sitzt %1</translation>
    </message>
    <message>
        <source>These stand there already: %1. Replace them?</source>
        <translation>Diese gibt es schon: %1. Ersetzen?</translation>
    </message>
    <message>
        <source>They do not interchange.</source>
        <translation>Sie sind nicht austauschbar.</translation>
    </message>
    <message>
        <source>They need %1; it is %2.</source>
        <translation>Sie brauchen %1; es ist %2.</translation>
    </message>
    <message>
        <source>They need %1; it is not measured yet.</source>
        <translation>Sie brauchen %1; gemessen ist es noch nicht.</translation>
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
        <source>This needs {}.</source>
        <translation>Dies will {}.</translation>
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
        <source>Thread {}</source>
        <translation>{} durchführen</translation>
    </message>
    <message>
        <source>Through it already</source>
        <translation>Läuft schon hindurch</translation>
    </message>
    <message>
        <source>Through it already, %1 thick</source>
        <translation>Läuft schon hindurch, %1 dick</translation>
    </message>
    <message>
        <source>Through the %1</source>
        <translation>Durch %1</translation>
    </message>
    <message>
        <source>Through the opening</source>
        <translation>Durch die Öffnung</translation>
    </message>
    <message>
        <source>Through the {}.</source>
        <translation>Durch: {}.</translation>
    </message>
    <message>
        <source>Through {}, the {}: check that it sits all round.</source>
        <translation>Durch {}, {}: prüfen, ob sie ringsum sitzt.</translation>
    </message>
    <message>
        <source>Through {}, the {}: feel round its edge; deburred, or it cuts.</source>
        <translation>Durch {}, {}: den Rand abtasten; entgratet, sonst schneidet er.</translation>
    </message>
    <message>
        <source>Through {}, the {}: its thread is clean, its seal sits.</source>
        <translation>Durch {}, {}: ihr Gewinde ist sauber, ihre Dichtung sitzt.</translation>
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
        <source>Tip {}, about {}: the 90 °C front stays within {}. Park the tube beyond.</source>
        <translation>Spitze {}, etwa {}: die 90-°C-Front bleibt innerhalb {}. Park den Schlauch dahinter.</translation>
    </message>
    <message>
        <source>To buy</source>
        <translation>Zu kaufen</translation>
    </message>
    <message>
        <source>Together {}.</source>
        <translation>Zusammen {}.</translation>
    </message>
    <message>
        <source>Together {}; lowest charge {}.</source>
        <translation>Zusammen {}; tiefste Ladung {}.</translation>
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
        <source>Tools: %1</source>
        <translation>Werkzeug: %1</translation>
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
        <source>Try it in its hole of {}; a file takes the last tenth.</source>
        <translation>In seinem Loch von {} probieren; das letzte Zehntel nimmt die Feile.</translation>
    </message>
    <message>
        <source>Tube</source>
        <translation>Schlauch</translation>
    </message>
    <message>
        <source>Tube over the board of {}</source>
        <translation>Schlauch über die Platine von {}</translation>
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
        <source>Tubes on: {}</source>
        <translation>Schläuche darauf: {}</translation>
    </message>
    <message>
        <source>Tue</source>
        <translation>Di</translation>
    </message>
    <message>
        <source>Tug along the board with {:.0f} N, never upwards.</source>
        <translation>Mit {:.0f} N längs der Platine ziehen, nie nach oben.</translation>
    </message>
    <message>
        <source>Tug each contact in its housing.</source>
        <translation>Zieh an jedem Kontakt in seinem Gehäuse.</translation>
    </message>
    <message>
        <source>Tug each side with {:.0f} N, and no more.</source>
        <translation>An jeder Seite mit {:.0f} N ziehen, nicht mehr.</translation>
    </message>
    <message>
        <source>Tug each wire alone with {:.0f} N, and no more.</source>
        <translation>An jedem Draht einzeln mit {:.0f} N ziehen, nicht mehr.</translation>
    </message>
    <message>
        <source>Tug with {:.0f} N, and no more.</source>
        <translation>Zieh mit {:.0f} N, und nicht mehr.</translation>
    </message>
    <message>
        <source>Turn it before it is fast: {}.</source>
        <translation>Vor dem Festziehen ausrichten: {}.</translation>
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
        <source>Twist the pair of {}</source>
        <translation>Paar von {} verdrillen</translation>
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
        <source>Twist {}, a turn every centimetre or two.</source>
        <translation>Verdrille {}, eine Windung alle ein bis zwei Zentimeter.</translation>
    </message>
    <message>
        <source>Twisted it would be {}.</source>
        <translation>Verdrillt wären es {}.</translation>
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
        <source>Type its distance from %1…</source>
        <translation>Seinen Abstand von %1 tippen…</translation>
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
        <source>Type {}.</source>
        <translation>Tippe {}.</translation>
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
        <source>Typical {}: half of the time it runs with less; was {}.</source>
        <translation>Üblich {}: die Hälfte der Zeit läuft es mit weniger; war {}.</translation>
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
        <source>Under a torch the insulation shrinks back by about {}.</source>
        <translation>Unter dem Brenner zieht sich die Isolierung um rund {} zurück.</translation>
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
        <source>Undo %1	Ctrl+Z</source>
        <translation>Zurücknehmen: %1	Ctrl+Z</translation>
    </message>
    <message>
        <source>Undo back to</source>
        <translation>Zurücknehmen bis</translation>
    </message>
    <message>
        <source>Unfused, since losing it means a crash: {}. A short there is not interrupted; a fuse there may open in flight.</source>
        <translation>Ungesichert, da ihr Verlust ein Absturz ist: {}. Ein Kurzschluss dort brennt, was er kann; eine Sicherung dort kann in der Luft öffnen.</translation>
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
        <source>Unsaved work cannot be kept for the next start; save it to a file: %1</source>
        <translation>Ungesicherte Arbeit kann nicht bis zum nächsten Start aufbewahrt werden; bitte in eine Datei sichern: %1</translation>
    </message>
    <message>
        <source>Unsaved work from last time is back.</source>
        <translation>Ungesicherte Arbeit vom letzten Mal ist wieder da.</translation>
    </message>
    <message>
        <source>Unsaved work on this plan cannot be read and stays where it is: %1</source>
        <translation>Ungesicherte Arbeit an diesem Plan kann nicht gelesen werden und bleibt, wo sie ist: %1</translation>
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
        <source>Use %1</source>
        <translation>Nimm %1</translation>
    </message>
    <message>
        <source>Use a {}</source>
        <translation>Nimm: {}</translation>
    </message>
    <message>
        <source>Use the {}</source>
        <translation>Nimm: {}</translation>
    </message>
    <message>
        <source>Use {}</source>
        <translation>Nimm {}</translation>
    </message>
    <message>
        <source>Use {} conductors</source>
        <translation>Nimm {} Leiter</translation>
    </message>
    <message>
        <source>Use {} in {}</source>
        <translation>Nimm {} in {}</translation>
    </message>
    <message>
        <source>Use {} strands of the same size</source>
        <translation>{} Einzeldrähte derselben Größe nehmen</translation>
    </message>
    <message>
        <source>Use {} {}</source>
        <translation>{} {} verwenden</translation>
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
        <source>Vents of {} cm² below, and as much above</source>
        <translation>Luftlöcher von {} cm² unten, und ebenso viel oben</translation>
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
        <source>Volts at the plug of {}: 0. Then untwist its leads and join it.</source>
        <translation>Volt am Stecker von {}: 0. Dann seine Drähte aufdrehen und ihn anschließen.</translation>
    </message>
    <message>
        <source>Wait for a part</source>
        <translation>Auf ein Teil warten</translation>
    </message>
    <message>
        <source>Walls {} m², {} W a kelvin through them</source>
        <translation>Wände {} m², {} W je Kelvin hindurch</translation>
    </message>
    <message>
        <source>Warm {}, after a peak {}; {} is rated for {}</source>
        <translation>Warm {}, nach einer Spitze {}; {} verträgt {}</translation>
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
        <source>What a short at the end of {} draws was not found.</source>
        <translation>Was ein Kurzschluss am Ende von {} zieht, wurde nicht gefunden.</translation>
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
        <source>What feeds it limits it to {}; the wire stays at {}.</source>
        <translation>Was sie speist, begrenzt auf {}; die Leitung bleibt bei {}.</translation>
    </message>
    <message>
        <source>What goes on first: {}</source>
        <translation>Was zuerst darauf kommt: {}</translation>
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
        <source>What is left, {}, goes back into the drawer with its length on it.</source>
        <translation>Der Rest, {}, kommt mit seiner Länge beschriftet zurück in die Schublade.</translation>
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
        <source>What moves on the way takes {}: an arc of {} times the wire's thickness through its angle.</source>
        <translation>Was unterwegs bewegt wird, nimmt {}: ein Bogen von {} Leitungsdicken durch seinen Winkel.</translation>
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
        <source>What runs past the magnetic sensor at {} turns it by up to {}°: keep it {} off.</source>
        <translation>Was am Magnetsensor bei {} vorbeiläuft, dreht ihn um bis zu {}°: {} Abstand halten.</translation>
    </message>
    <message>
        <source>What runs there is {} thick as a bundle.</source>
        <translation>Was dort läuft, ist als Bündel {} dick.</translation>
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
        <source>What {} is for is missing: +, −, out, signal or phase.</source>
        <translation>Wofür {} ist, fehlt: +, −, out, signal oder phase.</translation>
    </message>
    <message>
        <source>Wheels, arms and propellers off the ground or off the machine. </source>
        <translation>Räder, Arme und Propeller vom Boden oder von der Maschine. </translation>
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
        <source>Where: </source>
        <translation>Wo: </translation>
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
        <source>Which parts go onto %1? Behind the colon, with commas between.</source>
        <translation>Welche Teile kommen auf %1? Hinter den Doppelpunkt, mit Kommas dazwischen.</translation>
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
        <source>While {} charges {}, {} go on taking {}: a charger that ends at {} does not end.</source>
        <translation>Während {} {} lädt, ziehen {} weiter {}: ein Ladegerät, das bei {} endet, endet nicht.</translation>
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
        <source>Why: %1</source>
        <translation>Warum: %1</translation>
    </message>
    <message>
        <source>Window {} – {} → set {}</source>
        <translation>Fenster {} – {} → eingestellt {}</translation>
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
        <source>Wire of %1</source>
        <translation>Draht von %1</translation>
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
        <source>Wired anew: %1 feeds.</source>
        <translation>Neu verdrahtet: %1 Zuleitungen.</translation>
    </message>
    <message>
        <source>Wired anew: 1 feed.</source>
        <translation>Neu verdrahtet: 1 Zuleitung.</translation>
    </message>
    <message>
        <source>Wired: %1 feeds.</source>
        <translation>Verdrahtet: %1 Zuleitungen.</translation>
    </message>
    <message>
        <source>Wired: 1 feed.</source>
        <translation>Verdrahtet: 1 Zuleitung.</translation>
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
        <source>Wiring diagram, sheet {} of {}</source>
        <translation>Schaltplan, Blatt {} von {}</translation>
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
        <source>With the weak cell at {} the pack still shows {}.</source>
        <translation>Mit der schwachen Zelle bei {} zeigt der Akku noch {}.</translation>
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
        <source>Without any sun it lasts {}.</source>
        <translation>Ganz ohne Sonne hält er {}.</translation>
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
        <source>Withstands {} – {}: {} spare</source>
        <translation>Verträgt {} – {}: {} Reserve</translation>
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
        <source>Worst-case sag to {} ({})</source>
        <translation>Im ungünstigsten Fall {} ({})</translation>
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
        <source>Write the {} at the end at {}.</source>
        <translation>Schreib {} auf das Ende bei {}.</translation>
    </message>
    <message>
        <source>Write what should be remembered, then Enter</source>
        <translation>Schreib, was bleiben soll, dann Enter</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Geschrieben nach %1.</translation>
    </message>
    <message>
        <source>Written to %1; print it at 100 %.</source>
        <translation>Nach %1 geschrieben; mit 100 % drucken.</translation>
    </message>
    <message>
        <source>You have no %1.</source>
        <translation>Du hast kein Werkzeug: %1.</translation>
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
        <source>a clip across {}</source>
        <translation>ein Clip über {}</translation>
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
        <source>a comma is expected before “{}”</source>
        <translation>vor „{}“ wird ein Komma erwartet</translation>
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
        <source>a line for a {} is expected here</source>
        <translation>eine Zeile für {} wird hier erwartet</translation>
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
        <source>a list in quotes is expected: {} "[1, 2]"</source>
        <translation>eine Liste in Anführungszeichen wird erwartet: {} "[1, 2]"</translation>
    </message>
    <message>
        <source>a load and how it runs are expected</source>
        <translation>ein Verbraucher und wie er läuft werden erwartet</translation>
    </message>
    <message>
        <source>a load and how it runs: “runs Fog pump typical”</source>
        <translation>ein Verbraucher und wie er läuft: „runs Fog pump typical“</translation>
    </message>
    <message>
        <source>a load and the share of its draw: “share Fog pump 0.6”</source>
        <translation>ein Verbraucher und der Anteil seines Stroms: „share Fog pump 0.6“</translation>
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
        <source>a number {} is expected, not {}</source>
        <translation>eine Zahl {} wird erwartet, nicht {}</translation>
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
        <source>a pin is named in at most {} letters, such as 12 or CLK</source>
        <translation>ein Pin heißt in höchstens {} Zeichen, etwa 12 oder CLK</translation>
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
        <source>a ribbon is creased by it</source>
        <translation>ein Flachbandkabel wird davon geknickt</translation>
    </message>
    <message>
        <source>a ring on bare metal</source>
        <translation>eine Öse auf blankem Metall</translation>
    </message>
    <message>
        <source>a second one at {}: it takes the pull, not the solder</source>
        <translation>ein zweiter bei {}: er nimmt den Zug auf, nicht das Lot</translation>
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
        <source>a signal is named in at most {} letters</source>
        <translation>ein Signal heißt in höchstens {} Zeichen</translation>
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
        <source>a value is expected behind “{}”</source>
        <translation>hinter „{}“ wird ein Wert erwartet</translation>
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
        <source>a whole number from 1 to {} is expected here</source>
        <translation>eine ganze Zahl von 1 bis {} wird hier erwartet</translation>
    </message>
    <message>
        <source>a wire at {}: {} up to where {} is damaged, {}, is expected</source>
        <translation>eine Leitung mit {}: {} bis dahin, wo {} Schaden nimmt, {}, wird erwartet</translation>
    </message>
    <message>
        <source>a {} fuse or a lamp in series</source>
        <translation>eine Sicherung {} oder eine Lampe in Reihe</translation>
    </message>
    <message>
        <source>a {} fuse or a lamp in series instead of the battery fuse</source>
        <translation>eine Sicherung {} oder eine Lampe in Reihe anstelle der Batteriesicherung</translation>
    </message>
    <message>
        <source>about %1 min</source>
        <translation>etwa %1 min</translation>
    </message>
    <message>
        <source>about {} min</source>
        <translation>etwa {} min</translation>
    </message>
    <message>
        <source>above</source>
        <translation>über</translation>
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
        <source>adhesive</source>
        <translation>mit Kleber</translation>
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
        <source>air at {} is no cooler than the insulation may be, {}</source>
        <translation>Luft von {} ist nicht kühler, als die Isolierung sein darf, {}</translation>
    </message>
    <message>
        <source>air at {}: {} to {} is expected</source>
        <translation>Luft von {}: {} bis {} wird erwartet</translation>
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
        <source>all of </source>
        <translation>alles von </translation>
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
        <source>apart</source>
        <translation>getrennt</translation>
    </message>
    <message>
        <source>are together</source>
        <translation>sind zusammen</translation>
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
        <source>as close to {} as possible</source>
        <translation>so nah an {}, wie es geht</translation>
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
        <source>as good for %1 instead of %2: %3</source>
        <translation>ebenso gut für %1 statt %2: %3</translation>
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
        <source>at %1</source>
        <translation>bei %1</translation>
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
        <source>at least</source>
        <translation>mindestens</translation>
    </message>
    <message>
        <source>at least one cell in series and in parallel</source>
        <translation>mindestens eine Zelle in Reihe und parallel</translation>
    </message>
    <message>
        <source>at least {} characters</source>
        <translation>mindestens {} Zeichen</translation>
    </message>
    <message>
        <source>at least {} entries</source>
        <translation>mindestens {} Einträge</translation>
    </message>
    <message>
        <source>at most</source>
        <translation>höchstens</translation>
    </message>
    <message>
        <source>at most {} characters</source>
        <translation>höchstens {} Zeichen</translation>
    </message>
    <message>
        <source>at most {} entries</source>
        <translation>höchstens {} Einträge</translation>
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
        <source>at the end of its lead that goes to </source>
        <translation>am Ende seiner Leitung nach </translation>
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
        <source>at {} from {}</source>
        <translation>bei {} ab {}</translation>
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
        <source>battery: {}</source>
        <translation>Akku: {}</translation>
    </message>
    <message>
        <source>before</source>
        <translation>davor</translation>
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
        <source>before the joints at {}</source>
        <translation>vor den Verbindungen bei {}</translation>
    </message>
    <message>
        <source>before the opening, which holds nothing itself</source>
        <translation>vor der Öffnung, die selbst nichts hält</translation>
    </message>
    <message>
        <source>before “%1”</source>
        <translation>vor „%1“</translation>
    </message>
    <message>
        <source>behind each switch</source>
        <translation>hinter jedem Schalter</translation>
    </message>
    <message>
        <source>behind the short</source>
        <translation>hinter dem Kurzschluss</translation>
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
        <source>below</source>
        <translation>unter</translation>
    </message>
    <message>
        <source>below %1</source>
        <translation>unter %1</translation>
    </message>
    <message>
        <source>bend that is too tight for it</source>
        <translation>zu engen Biegung</translation>
    </message>
    <message>
        <source>bent to {} where {} is the least</source>
        <translation>auf {} gebogen, wo {} das Wenigste ist</translation>
    </message>
    <message>
        <source>beside</source>
        <translation>daneben</translation>
    </message>
    <message>
        <source>beside what moves</source>
        <translation>neben dem, was sich bewegt</translation>
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
        <source>blocks</source>
        <translation>Verteiler</translation>
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
        <source>bodies are {}</source>
        <translation>Gehäuse sind {}</translation>
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
        <source>burns</source>
        <translation>verbrennt</translation>
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
        <source>cable, {} × {}</source>
        <translation>Kabel, {} × {}</translation>
    </message>
    <message>
        <source>came with {}</source>
        <translation>mitgeliefert mit {}</translation>
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
        <source>cannot be opened for reading: {}</source>
        <translation>kann nicht zum Lesen geöffnet werden: {}</translation>
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
        <source>cannot give {} at {} charge in {}</source>
        <translation>kann {} bei {} Ladung in {} nicht liefern</translation>
    </message>
    <message>
        <source>cap the bare end at %1</source>
        <translation>das blanke Ende bei %1 abdecken</translation>
    </message>
    <message>
        <source>carries and protects</source>
        <translation>trägt und schützt</translation>
    </message>
    <message>
        <source>carries {} continuously at {}: {} of the rating, less {} % per kelvin above 23 °C</source>
        <translation>trägt dauernd {} bei {}: {} des Nennwerts, weniger {} % je Kelvin über 23 °C</translation>
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
        <source>cells (8S, 2P), volts or ampere-hours are expected: {}</source>
        <translation>Zellen (8S, 2P), Volt oder Amperestunden werden erwartet: {}</translation>
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
        <source>changed elsewhere %1</source>
        <translation>anderswo geändert %1</translation>
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
        <source>charged at {}, nominal {}, empty at {}</source>
        <translation>geladen bei {}, Nennwert {}, leer bei {}</translation>
    </message>
    <message>
        <source>charges</source>
        <translation>lädt</translation>
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
        <source>chemistry “{}” is not known: {} are</source>
        <translation>Chemie „{}“ ist nicht bekannt: es gibt {}</translation>
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
        <source>close to </source>
        <translation>nahe an </translation>
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
        <source>closed by {}</source>
        <translation>geschlossen von {}</translation>
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
        <source>closes</source>
        <translation>schließt</translation>
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
        <source>coil on {}</source>
        <translation>Spule an {}</translation>
    </message>
    <message>
        <source>cold</source>
        <translation>kalt</translation>
    </message>
    <message>
        <source>cold resistance about {}; breaks {} at {}</source>
        <translation>Kaltwiderstand etwa {}; trennt {} bei {}</translation>
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
        <source>come</source>
        <translation>kommen</translation>
    </message>
    <message>
        <source>comes</source>
        <translation>kommt</translation>
    </message>
    <message>
        <source>comma: 1,5 V</source>
        <translation>Komma: 1,5 V</translation>
    </message>
    <message>
        <source>computed after {}, the nearest of the catalogue</source>
        <translation>berechnet nach {}, der nächsten Größe des Katalogs</translation>
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
        <source>core is</source>
        <translation>Ader ist</translation>
    </message>
    <message>
        <source>core of</source>
        <translation>Ader von</translation>
    </message>
    <message>
        <source>cores</source>
        <translation>Adern</translation>
    </message>
    <message>
        <source>cores are</source>
        <translation>Adern sind</translation>
    </message>
    <message>
        <source>cores of</source>
        <translation>Adern von</translation>
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
        <source>cost {}</source>
        <translation>Kosten {}</translation>
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
        <source>cut {}{} of {}</source>
        <translation>Zuschnitt {}{} von {}</translation>
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
        <source>dome nut and seal of the {}</source>
        <translation>Hutmutter und Dichtung von {}</translation>
    </message>
    <message>
        <source>dome nut and seal outside</source>
        <translation>Hutmutter und Dichtung außen</translation>
    </message>
    <message>
        <source>down to cut-off: {}</source>
        <translation>bis zur Abschaltung: {}</translation>
    </message>
    <message>
        <source>drill</source>
        <translation>Bohrer</translation>
    </message>
    <message>
        <source>drill {}</source>
        <translation>{} bohren</translation>
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
        <source>drop %1</source>
        <translation>Abfall %1</translation>
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
        <source>drop up to {}</source>
        <translation>Abfall bis {}</translation>
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
        <source>empty after {} of the day, in {}</source>
        <translation>leer nach {} des Tages, in {}</translation>
    </message>
    <message>
        <source>empty fuse holder, contact towards </source>
        <translation>leerer Sicherungshalter, Kontakt zu </translation>
    </message>
    <message>
        <source>empty way of the fuse block, contact towards </source>
        <translation>leerer Platz des Sicherungsblocks, Kontakt zu </translation>
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
        <source>ends</source>
        <translation>Enden</translation>
    </message>
    <message>
        <source>ends the day at {}; {} needs {} in reserve, in {}</source>
        <translation>hat am Ende des Tages {}, und {} will {} behalten, in {}</translation>
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
        <source>even {} in parallel: {}</source>
        <translation>selbst {} parallel: {}</translation>
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
        <source>expect %1</source>
        <translation>erwartet %1</translation>
    </message>
    <message>
        <source>f0 = 1 ÷ 2π√(LC) = {}; works above it.</source>
        <translation>f0 = 1 ÷ 2π√(LC) = {}; wirkt darüber.</translation>
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
        <source>feed</source>
        <translation>Zuleitung</translation>
    </message>
    <message>
        <source>feed of </source>
        <translation>Zuleitung von </translation>
    </message>
    <message>
        <source>feed was</source>
        <translation>Zuleitung wurde</translation>
    </message>
    <message>
        <source>feeds</source>
        <translation>Zuleitungen</translation>
    </message>
    <message>
        <source>feeds were</source>
        <translation>Zuleitungen wurden</translation>
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
        <source>flux: %1</source>
        <translation>Flussmittel: %1</translation>
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
        <source>for the {} fuse: two leads of {} to join, {} each</source>
        <translation>für die Sicherung {}: zwei Anschlüsse {} zu verbinden, {} je</translation>
    </message>
    <message>
        <source>for {}</source>
        <translation>für {}</translation>
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
        <source>from the front, {}</source>
        <translation>von vorn, {}</translation>
    </message>
    <message>
        <source>from the sheet before</source>
        <translation>vom Blatt davor</translation>
    </message>
    <message>
        <source>from the supply of {}</source>
        <translation>von der Versorgung von {}</translation>
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
        <source>from {}</source>
        <translation>von {}</translation>
    </message>
    <message>
        <source>from {}, {}: {} left</source>
        <translation>aus {}, {}: {} bleiben</translation>
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
        <source>full {}</source>
        <translation>volle Öffnung {}</translation>
    </message>
    <message>
        <source>fuse</source>
        <translation>Sicherung</translation>
    </message>
    <message>
        <source>fuse %1</source>
        <translation>Sicherung %1</translation>
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
        <source>fuse family “{}” is not known: {} are</source>
        <translation>Sicherungsfamilie „{}“ ist nicht bekannt: es gibt {}</translation>
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
        <source>fused test lead</source>
        <translation>abgesicherte Prüfleitung</translation>
    </message>
    <message>
        <source>fuses</source>
        <translation>Sicherungen</translation>
    </message>
    <message>
        <source>gates of the family, log-log between them: {} at the fast edge, {} at the slow</source>
        <translation>Stützpunkte der Familie, dazwischen doppelt logarithmisch: {} an der schnellen Kante, {} an der langsamen</translation>
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
        <source>gives {} continuously</source>
        <translation>gibt dauernd {}</translation>
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
        <source>good</source>
        <translation>guten</translation>
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
        <source>ground</source>
        <translation>Masse</translation>
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
        <source>hardly differs from {}</source>
        <translation>unterscheidet sich kaum von {}</translation>
    </message>
    <message>
        <source>has a switch of its own</source>
        <translation>hat einen eigenen Schalter</translation>
    </message>
    <message>
        <source>heat balance in free air at {}{}{}: {} brings the conductor to {}</source>
        <translation>Wärmebilanz in freier Luft bei {}{}{}: {} hält den Leiter auf {}</translation>
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
        <source>hold the button {} before you plug or switch on: {} instead of a spark</source>
        <translation>halte den Taster {}, ehe du einsteckst oder einschaltest: {} statt eines Funkens</translation>
    </message>
    <message>
        <source>holder for a {}</source>
        <translation>Halter für eine {}</translation>
    </message>
    <message>
        <source>holder of the {}</source>
        <translation>Halter für {}</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>hole {}</source>
        <translation>Loch {}</translation>
    </message>
    <message>
        <source>holes</source>
        <translation>Löcher</translation>
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
        <source>in an opening of {}</source>
        <translation>in eine Öffnung von {}</translation>
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
        <source>in the list</source>
        <translation>in der Liste</translation>
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
        <source>in the slot of {}: its fuse and the {} one side by side</source>
        <translation>im Steckplatz von {}: seine Sicherung und {} nebeneinander</translation>
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
        <source>insulation “{}” is not known: {} are</source>
        <translation>Isolierung „{}“ ist nicht bekannt: es gibt {}</translation>
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
        <source>is</source>
        <translation>ist</translation>
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
        <source>it</source>
        <translation>das</translation>
    </message>
    <message>
        <source>it draws nothing; type a current or a power</source>
        <translation>er zieht nichts; tippe einen Strom oder eine Leistung</translation>
    </message>
    <message>
        <source>it draws up to {} at {}, and the strongest converter in the catalogue is derated to {}</source>
        <translation>es zieht bis zu {} bei {}, und dem stärksten Wandler des Katalogs werden {} zugetraut</translation>
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
        <source>it has {}</source>
        <translation>er hat {}</translation>
    </message>
    <message>
        <source>it is a {} already</source>
        <translation>es ist schon {}</translation>
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
        <source>it needs {} (peak {}) at {}, and the strongest converter is derated to {}</source>
        <translation>es braucht {} (Spitze {}) bei {}, und dem stärksten Wandler traut man {} zu</translation>
    </message>
    <message>
        <source>it needs {}, and everything from 60 V up is outside this tool</source>
        <translation>er will {}, und alles ab 60 V liegt außerhalb dieses Werkzeugs</translation>
    </message>
    <message>
        <source>it runs on {}, which the pack cannot give</source>
        <translation>es läuft mit {}, was der Akku nicht geben kann</translation>
    </message>
    <message>
        <source>it runs out too soon</source>
        <translation>es endet zu früh</translation>
    </message>
    <message>
        <source>it was</source>
        <translation>es wurde</translation>
    </message>
    <message>
        <source>item</source>
        <translation>Teil in einer Leitung</translation>
    </message>
    <message>
        <source>item does</source>
        <translation>Teil geht</translation>
    </message>
    <message>
        <source>items do</source>
        <translation>Teile gehen</translation>
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
        <source>its feed open at one end</source>
        <translation>ihre Zuleitung an einem Ende offen</translation>
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
        <source>its minimum voltage, {}, is above its maximum, {}</source>
        <translation>seine kleinste Spannung, {}, liegt über seiner größten, {}</translation>
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
        <source>joints {}</source>
        <translation>Verbindungen {}</translation>
    </message>
    <message>
        <source>keeps both its plugs</source>
        <translation>behält beide Stecker</translation>
    </message>
    <message>
        <source>keeps its plug at {}</source>
        <translation>behält den Stecker an {}</translation>
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
        <source>label “{}”</source>
        <translation>Schild „{}“</translation>
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
        <source>lasts %1</source>
        <translation>hält %1</translation>
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
        <source>lead is</source>
        <translation>Leitung ist</translation>
    </message>
    <message>
        <source>lead of {}</source>
        <translation>Leitung von {}</translation>
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
        <source>leads are</source>
        <translation>Leitungen sind</translation>
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
        <source>leads of the {}</source>
        <translation>Anschlüsse von {}</translation>
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
        <source>leaves it undamaged</source>
        <translation>lässt sie heil</translation>
    </message>
    <message>
        <source>legs by its sheet: alike cases have them in other orders</source>
        <translation>Beine nach seinem Blatt: Gleiche Gehäuse haben sie in anderer Reihenfolge</translation>
    </message>
    <message>
        <source>length is</source>
        <translation>Länge ist</translation>
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
        <source>lengths are</source>
        <translation>Längen sind</translation>
    </message>
    <message>
        <source>less</source>
        <translation>weniger</translation>
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
        <source>line {}: no column is called {}</source>
        <translation>Zeile {}: keine Spalte heißt {}</translation>
    </message>
    <message>
        <source>line {}: time does not rise after {} s</source>
        <translation>Zeile {}: die Zeit steigt nach {} s nicht</translation>
    </message>
    <message>
        <source>line {}: “{}” is not a {}</source>
        <translation>Zeile {}: „{}“ ist nicht {}</translation>
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
        <source>load has</source>
        <translation>Verbraucher hat</translation>
    </message>
    <message>
        <source>load is</source>
        <translation>Verbraucher ist</translation>
    </message>
    <message>
        <source>load off</source>
        <translation>Verbraucher aus</translation>
    </message>
    <message>
        <source>loads are</source>
        <translation>Verbraucher sind</translation>
    </message>
    <message>
        <source>loads have</source>
        <translation>Verbraucher haben</translation>
    </message>
    <message>
        <source>lock nut inside</source>
        <translation>Gegenmutter innen</translation>
    </message>
    <message>
        <source>lock nut of the {}</source>
        <translation>Gegenmutter von {}</translation>
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
        <source>may not pull in</source>
        <translation>zieht vielleicht nicht an</translation>
    </message>
    <message>
        <source>measure {}{}; {} guessed.</source>
        <translation>{} messen{}; {} geschätzt.</translation>
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
        <source>mend {} (F8).</source>
        <translation>{} beheben (F8).</translation>
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
        <source>modules</source>
        <translation>Wandler</translation>
    </message>
    <message>
        <source>modules and wires as computed</source>
        <translation>Wandler und Leitungen wie berechnet</translation>
    </message>
    <message>
        <source>more</source>
        <translation>mehr</translation>
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
        <source>more than one {} is called “{}”: say # and the id of the one</source>
        <translation>mehr als ein Ding ({}) heißt „{}“: sag # und die id des gemeinten</translation>
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
        <source>need</source>
        <translation>brauchen</translation>
    </message>
    <message>
        <source>needed</source>
        <translation>gebraucht</translation>
    </message>
    <message>
        <source>needs</source>
        <translation>braucht</translation>
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
        <source>new, {} together</source>
        <translation>neu, zusammen {}</translation>
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
        <source>no fuse opens, the wire reaches %1</source>
        <translation>nichts öffnet, die Leitung erreicht %1</translation>
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
        <source>no module in the catalogue makes {} from {} – {}</source>
        <translation>kein Wandler im Katalog macht {} aus {} – {}</translation>
    </message>
    <message>
        <source>no module of the catalogue makes {}; they end at {} and {}</source>
        <translation>kein Wandler des Katalogs macht {}; sie enden bei {} und {}</translation>
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
        <source>no pack below 60 V suits both it ({} – {}, {}) and {} ({} – {}, {}), and no module of the catalogue carries either; give one of them a pack of its own</source>
        <translation>kein Akku unter 60 V passt ihm ({} – {}, {}) und {} ({} – {}, {}) zugleich, und kein Wandler des Katalogs trägt einen davon; gib einem einen eigenen Akku</translation>
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
        <source>no pre-charge needed: {} J</source>
        <translation>kein Vorladen nötig: {} J</translation>
    </message>
    <message>
        <source>no price</source>
        <translation>kein Preis</translation>
    </message>
    <message>
        <source>no resistor of 1 Ω or more charges {} within {}: 1 Ω takes {}; allow more time</source>
        <translation>kein Widerstand ab 1 Ω lädt {} innerhalb von {}: 1 Ω braucht {}; mehr Zeit geben</translation>
    </message>
    <message>
        <source>no room left in the {}</source>
        <translation>kein Platz mehr in: {}</translation>
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
        <source>no {} tube passes {} (1.1 × expanded) and grips {} (0.9 × recovered)</source>
        <translation>kein Schlauch ({}) lässt {} durch (1,1 × weit) und fasst {} (0,9 × geschrumpft)</translation>
    </message>
    <message>
        <source>no {}{} wire with insulation {} is in the catalogue</source>
        <translation>keine {}Leitung {} mit Isolierung {} ist im Katalog</translation>
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
        <source>nothing is expected behind “{}”</source>
        <translation>hinter „{}“ wird nichts erwartet</translation>
    </message>
    <message>
        <source>nothing of </source>
        <translation>nichts von </translation>
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
        <source>nut of the {}</source>
        <translation>Mutter von {}</translation>
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
        <source>on four of {}</source>
        <translation>auf vier Stück {}</translation>
    </message>
    <message>
        <source>on order: %1</source>
        <translation>bestellt: %1</translation>
    </message>
    <message>
        <source>on {}</source>
        <translation>auf {}</translation>
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
        <source>only {} were drawn: at least {} are needed, and current out of the pack counts positive</source>
        <translation>nur {} wurden entnommen: mindestens {} sind nötig, und Strom aus dem Akku zählt positiv</translation>
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
        <source>opens</source>
        <translation>öffnet</translation>
    </message>
    <message>
        <source>opens at {} °C</source>
        <translation>öffnet bei {} °C</translation>
    </message>
    <message>
        <source>opens in %1</source>
        <translation>öffnet in %1</translation>
    </message>
    <message>
        <source>opens in normal use</source>
        <translation>öffnet im normalen Betrieb</translation>
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
        <source>over both at {}</source>
        <translation>über beide bei {}</translation>
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
        <source>own lead of </source>
        <translation>eigener Anschluss von </translation>
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
        <source>panel {} W</source>
        <translation>Solarmodul {} W</translation>
    </message>
    <message>
        <source>panel {} · {} – {} h of sun</source>
        <translation>Panel {} · {} – {} h Sonne</translation>
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
        <source>past the {}</source>
        <translation>vorbei an: {}</translation>
    </message>
    <message>
        <source>path %1, cut %2</source>
        <translation>Weg %1, abzulängen %2</translation>
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
        <source>peak %1</source>
        <translation>Spitze %1</translation>
    </message>
    <message>
        <source>peak %1 for %2</source>
        <translation>Spitze %1 für %2</translation>
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
        <source>pin {} at {}</source>
        <translation>Stift {} an {}</translation>
    </message>
    <message>
        <source>pin {}, {}</source>
        <translation>Stift {}, {}</translation>
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
        <source>plain</source>
        <translation>ohne Kleber</translation>
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
        <source>poor</source>
        <translation>schlechten</translation>
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
        <source>pre-charge through {} for {}: {} instead of {}</source>
        <translation>Vorladen über {} für {}: {} statt {}</translation>
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
        <source>rail</source>
        <translation>Schiene</translation>
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
        <source>readings</source>
        <translation>Messungen</translation>
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
        <source>red on %1
black on %2
%3</source>
        <translation>rot an %1
schwarz an %2
%3</translation>
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
        <source>rest of the {} lead</source>
        <translation>Rest der Leitung zu {}</translation>
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
        <source>returns by {}</source>
        <translation>kehrt zurück über {}</translation>
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
        <source>right behind the fuse more flows than the {} it breaks</source>
        <translation>gleich hinter der Sicherung fließt mehr als die {}, die sie trennt</translation>
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
        <source>ring, bolt and serrated washer to the frame, for {}</source>
        <translation>Öse, Schraube und Zahnscheibe an den Rahmen, für {}</translation>
    </message>
    <message>
        <source>rocker switch {} A</source>
        <translation>Wippschalter {} A</translation>
    </message>
    <message>
        <source>room for %1 more</source>
        <translation>Platz für %1 weitere</translation>
    </message>
    <message>
        <source>room for no more of these</source>
        <translation>für weitere davon kein Platz</translation>
    </message>
    <message>
        <source>room for one of {}</source>
        <translation>Platz für eines von {}</translation>
    </message>
    <message>
        <source>room for {} more of {}, or one of {}</source>
        <translation>Platz für {} weitere von {} oder eines von {}</translation>
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
        <source>rules of thumb beside it: cautious {}, bold {}</source>
        <translation>Faustregeln daneben: vorsichtig {}, kühn {}</translation>
    </message>
    <message>
        <source>run</source>
        <translation>laufen</translation>
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
        <source>sags to {} in the one-second peak, below its cut-off of {}</source>
        <translation>sinkt in der stärksten Sekunde auf {}, unter die Abschaltung von {}</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>gesichert</translation>
    </message>
    <message>
        <source>saves what is behind when plus and minus are swapped; takes {} = {}</source>
        <translation>rettet, was dahinter ist, wenn Plus und Minus vertauscht sind; nimmt {} = {}</translation>
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
        <source>seal ring for an opening of {}</source>
        <translation>Dichtring für eine Öffnung von {}</translation>
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
        <source>set %1  (%2)</source>
        <translation>auf %1  (%2)</translation>
    </message>
    <message>
        <source>set to {}</source>
        <translation>eingestellt auf {}</translation>
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
        <source>short %1</source>
        <translation>Kurzschluss %1</translation>
    </message>
    <message>
        <source>short at its end: %1</source>
        <translation>Kurzschluss am Ende: %1</translation>
    </message>
    <message>
        <source>short here</source>
        <translation>Kurzschluss hier</translation>
    </message>
    <message>
        <source>short leads with little drop</source>
        <translation>kurze Zuleitungen, an deren Ende nichts hungert</translation>
    </message>
    <message>
        <source>should read</source>
        <translation>soll zeigen</translation>
    </message>
    <message>
        <source>shows {} and {} here; drops {}</source>
        <translation>zeigt hier {} und {}; verliert {}</translation>
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
        <source>size “{}”: {}</source>
        <translation>Größe „{}“: {}</translation>
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
        <source>slow edge at {} × its rating: {}</source>
        <translation>langsame Kante bei {} × Nennwert: {}</translation>
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
        <source>solder: %1</source>
        <translation>Lot: %1</translation>
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
        <source>solid </source>
        <translation>starre </translation>
    </message>
    <message>
        <source>solid wire breaks in it</source>
        <translation>massiver Draht bricht darin</translation>
    </message>
    <message>
        <source>something is expected behind “{}”</source>
        <translation>hinter „{}“ wird etwas erwartet</translation>
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
        <source>sources</source>
        <translation>Quellen</translation>
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
        <source>spliced at {}</source>
        <translation>gespleißt bei {}</translation>
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
        <source>step %1</source>
        <translation>Schritt %1</translation>
    </message>
    <message>
        <source>step %1, done</source>
        <translation>Schritt %1, erledigt</translation>
    </message>
    <message>
        <source>step drill</source>
        <translation>Stufenbohrer</translation>
    </message>
    <message>
        <source>step, reading, change or note</source>
        <translation>Schritt, Messung, Änderung oder Notiz</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>stop, and ask a qualified person under the local code</source>
        <translation>aufhören und eine Fachkraft nach örtlicher Vorschrift fragen</translation>
    </message>
    <message>
        <source>strip {}</source>
        <translation>{} abisolieren</translation>
    </message>
    <message>
        <source>strip {} each</source>
        <translation>je {} abisolieren</translation>
    </message>
    <message>
        <source>strip {} each, overlap {}</source>
        <translation>je {} abisolieren, {} überlappen</translation>
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
        <source>switches</source>
        <translation>Schalter</translation>
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
        <source>the %1 fuse opens in %2, the wire reaches %3</source>
        <translation>die Sicherung %1 öffnet in %2, die Leitung erreicht %3</translation>
    </message>
    <message>
        <source>the air is taken as {}</source>
        <translation>die Luft wird angenommen mit {}</translation>
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
        <source>the bundle is {} across; a hole of {} passes it</source>
        <translation>das Bündel ist {} dick; ein Loch von {} lässt es durch</translation>
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
        <source>the day needs {} and a peak of {}, more than the largest pack of the catalogue's cells gives (up to {}); use two packs, or charge in between</source>
        <translation>der Tag braucht {} und eine Spitze von {}, mehr als der größte Akku aus Zellen des Katalogs gibt (bis {}); einem Teil einen eigenen Akku geben oder zwischendurch laden</translation>
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
        <source>the file there is cut short; what was to be written is whole in {}</source>
        <translation>die Datei dort ist abgeschnitten; was geschrieben werden sollte, steht vollständig in {}</translation>
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
        <source>the fuse withstands a pulse 10 000 times below 30 % of the fast edge's I²t at its duration, or up to {}, its rating in this air</source>
        <translation>ein Stoß wird 10 000-mal ertragen unter 30 % des I²t der schnellen Kante bei seiner Dauer, oder bis {}, dem Nennwert in dieser Luft</translation>
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
        <source>the largest that protect</source>
        <translation>die größten, die schützen</translation>
    </message>
    <message>
        <source>the lead</source>
        <translation>die Leitung</translation>
    </message>
    <message>
        <source>the lead that {} came with</source>
        <translation>mitgelieferte Leitung: {}</translation>
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
        <source>the lid of {}</source>
        <translation>der Deckel von {}</translation>
    </message>
    <message>
        <source>the loads' currents</source>
        <translation>die Ströme der Verbraucher</translation>
    </message>
    <message>
        <source>the log has {} samples; at least {} are needed to tell idle from peak</source>
        <translation>die Aufzeichnung hat {} Werte; mindestens {} sind nötig, um Leerlauf von Spitze zu trennen</translation>
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
        <source>the same pin at {}</source>
        <translation>derselbe Stift an {}</translation>
    </message>
    <message>
        <source>the screw</source>
        <translation>die Schraube</translation>
    </message>
    <message>
        <source>the sheets cannot be drawn: {}</source>
        <translation>die Blätter können nicht gezeichnet werden: {}</translation>
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
        <source>the smallest that carry</source>
        <translation>die kleinsten, die tragen</translation>
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
        <source>the wire to {} carries {}; together they draw {}</source>
        <translation>die Leitung zu {} trägt {}; zusammen verlangen sie {}</translation>
    </message>
    <message>
        <source>the wire's temperature against its insulation's rating</source>
        <translation>was die Leitung erreicht, gegen das, was ihre Isolierung verträgt</translation>
    </message>
    <message>
        <source>the wire, from {}, withstands it for {}</source>
        <translation>die Leitung hält es, von {} an, {} aus</translation>
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
        <source>the {} fuse of {} carries {} continuously; together they draw {}</source>
        <translation>die Sicherung {} von {} trägt dauernd {}; zusammen verlangen sie {}</translation>
    </message>
    <message>
        <source>the {} plug does not pass: thread first</source>
        <translation>der Stecker von {} geht nicht durch: erst einfädeln</translation>
    </message>
    <message>
        <source>them</source>
        <translation>die</translation>
    </message>
    <message>
        <source>then say how much warmer than the air it gets</source>
        <translation>dann sag, wie viel wärmer als die Luft es wird</translation>
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
        <source>there is no body “{}”</source>
        <translation>es gibt kein Gehäuse „{}“</translation>
    </message>
    <message>
        <source>there is no feed “{}”</source>
        <translation>es gibt keine Zuleitung „{}“</translation>
    </message>
    <message>
        <source>there is no folder for parts of your own: HOME is not set</source>
        <translation>es gibt keinen Ordner für eigene Teile: HOME ist nicht gesetzt</translation>
    </message>
    <message>
        <source>there is no kind of part “{}”</source>
        <translation>es gibt keine Teileart „{}“</translation>
    </message>
    <message>
        <source>there is no opening “{}”</source>
        <translation>es gibt keine Öffnung „{}“</translation>
    </message>
    <message>
        <source>there is no part “{}”</source>
        <translation>es gibt kein Teil „{}“</translation>
    </message>
    <message>
        <source>there is no place “{}”</source>
        <translation>es gibt keinen Ort „{}“</translation>
    </message>
    <message>
        <source>there is no side “{}”</source>
        <translation>es gibt keine Ansicht „{}“</translation>
    </message>
    <message>
        <source>there is no way “{}”</source>
        <translation>es gibt keinen Weg „{}“</translation>
    </message>
    <message>
        <source>there is no zone “{}”</source>
        <translation>es gibt keine Fläche „{}“</translation>
    </message>
    <message>
        <source>there is no {} with {}: nearest are {}</source>
        <translation>es gibt keine {} mit {}: am nächsten sind {}</translation>
    </message>
    <message>
        <source>there is no {} “{}”{}</source>
        <translation>{} „{}“ gibt es nicht{}</translation>
    </message>
    <message>
        <source>there it would get {} – {}; it takes {} – {}</source>
        <translation>dort bekäme es {} – {}; es verträgt {} – {}</translation>
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
        <source>they</source>
        <translation>die</translation>
    </message>
    <message>
        <source>they were</source>
        <translation>sie wurden</translation>
    </message>
    <message>
        <source>thick</source>
        <translation>dick</translation>
    </message>
    <message>
        <source>thickness of its wall</source>
        <translation>Dicke seiner Wand</translation>
    </message>
    <message>
        <source>thin</source>
        <translation>dünn</translation>
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
        <source>this is one load: {} are added by a line of their own</source>
        <translation>dies ist ein Verbraucher: {} werden mit einer eigenen Zeile hinzugefügt</translation>
    </message>
    <message>
        <source>this is {}, not a file</source>
        <translation>das ist {}, keine Datei</translation>
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
        <source>through the {} of {}</source>
        <translation>durch {} von {}</translation>
    </message>
    <message>
        <source>through what switches it</source>
        <translation>über das, was ihn schaltet</translation>
    </message>
    <message>
        <source>through {}</source>
        <translation>durch {}</translation>
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
        <source>together</source>
        <translation>zusammen</translation>
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
        <source>tube parked %1 off</source>
        <translation>Schlauch %1 entfernt geparkt</translation>
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
        <source>tube waits here, {}</source>
        <translation>Schlauch wartet hier, {}</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>Windung</translation>
    </message>
    <message>
        <source>turning part</source>
        <translation>drehendes Teil</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>Windungen</translation>
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
        <source>two {}s with an arrow between them are expected: “Hub → Pump”</source>
        <translation>zwei Dinge ({}) mit einem Pfeil dazwischen werden erwartet: „Hub → Pump“</translation>
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
        <source>unused, insulated at both ends</source>
        <translation>unbenutzt, an beiden Enden isoliert</translation>
    </message>
    <message>
        <source>up to {}</source>
        <translation>bis {}</translation>
    </message>
    <message>
        <source>usable at {}: {}; {} of energy at nominal</source>
        <translation>nutzbar bei {}: {}; {} Energie bei Nennspannung</translation>
    </message>
    <message>
        <source>use fewer cells in series</source>
        <translation>nimm weniger Zellen in Reihe</translation>
    </message>
    <message>
        <source>used for</source>
        <translation>gebraucht für</translation>
    </message>
    <message>
        <source>used per day</source>
        <translation>Verbrauch am Tag</translation>
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
        <source>wait</source>
        <translation>warten</translation>
    </message>
    <message>
        <source>waits</source>
        <translation>wartet</translation>
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
        <source>way of the {}</source>
        <translation>Platz im {}</translation>
    </message>
    <message>
        <source>way of what disturbs it</source>
        <translation>Weg dessen, was sie stört</translation>
    </message>
    <message>
        <source>wears it out</source>
        <translation>verbraucht sie</translation>
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
        <source>what stands on {}</source>
        <translation>was auf {} steht</translation>
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
        <source>what the {} is called comes first</source>
        <translation>zuerst kommt, wie es heißt: {}</translation>
    </message>
    <message>
        <source>what the {} is called is expected</source>
        <translation>wie es heißt ({}), wird erwartet</translation>
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
        <source>wire %1 first</source>
        <translation>Leitung %1 zuerst</translation>
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
        <source>wire {}</source>
        <translation>Leitung {}</translation>
    </message>
    <message>
        <source>wire {} {}, {}</source>
        <translation>Leitung {} {}, {}</translation>
    </message>
    <message>
        <source>wires</source>
        <translation>Adern</translation>
    </message>
    <message>
        <source>wires by {}, rails {}, noise {}{}</source>
        <translation>Leitungen nach {}, Schienen {}, Störer {}{}</translation>
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
        <source>with %1</source>
        <translation>mit %1</translation>
    </message>
    <message>
        <source>with a usual wall; measure it</source>
        <translation>mit üblicher Wanddicke; nachmessen</translation>
    </message>
    <message>
        <source>with leads</source>
        <translation>mit Anschlussdrähten</translation>
    </message>
    <message>
        <source>with one of the {} broken the others carry {}</source>
        <translation>ist einer der {} gebrochen, tragen die anderen {}</translation>
    </message>
    <message>
        <source>with power off</source>
        <translation>ohne Strom</translation>
    </message>
    <message>
        <source>with the others</source>
        <translation>mit den anderen</translation>
    </message>
    <message>
        <source>wood</source>
        <translation>Holz</translation>
    </message>
    <message>
        <source>works from {} up: {} dB at {}; drops {}</source>
        <translation>wirkt ab {}: {} dB bei {}; verliert {}</translation>
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
        <source>wound for {}</source>
        <translation>für {} gewickelt</translation>
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
        <source>{0} wants a number that its partners share, such as {0} 1</source>
        <translation>{0} braucht eine Nummer, die seine Partner teilen, etwa {0} 1</translation>
    </message>
    <message>
        <source>{:.0f}; the cheapest pack that serves costs {:.0f}: no plan is cheaper by more than {}.</source>
        <translation>{:.0f}; der billigste Akku, der genügt, kostet {:.0f}: kein Plan ist um mehr als {} billiger.</translation>
    </message>
    <message>
        <source>{} + to −</source>
        <translation>{} + gegen −</translation>
    </message>
    <message>
        <source>{} + {} K = {} inside</source>
        <translation>{} + {} K = {} innen</translation>
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
        <source>{} K on {}</source>
        <translation>{} K auf {}</translation>
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
        <source>{} a day, {} of the day's {}</source>
        <translation>{} am Tag, {} der {} des Tages</translation>
    </message>
    <message>
        <source>{} across, {} high</source>
        <translation>{} breit, {} hoch</translation>
    </message>
    <message>
        <source>{} allows ≤ {} ÷ {} = {}</source>
        <translation>{} erlaubt ≤ {} ÷ {} = {}</translation>
    </message>
    <message>
        <source>{} alone</source>
        <translation>{} allein</translation>
    </message>
    <message>
        <source>{} alone in {}, × {} with {} cores together.</source>
        <translation>{} allein bei {}, × {} mit {} Adern zusammen.</translation>
    </message>
    <message>
        <source>{} alone: {} begins at the tap. Under a bolt of the frame, bare metal, as near as there is one.</source>
        <translation>{} allein: {} beginnt am Abgriff. Unter eine Schraube des Rahmens, blankes Metall, so nah es eine gibt.</translation>
    </message>
    <message>
        <source>{} and fit the holder for the {} fuse there.</source>
        <translation>{} und setze dort den Halter für die Sicherung {} ein.</translation>
    </message>
    <message>
        <source>{} and solder the fuse in by its own leads.</source>
        <translation>{} und löte die Sicherung mit ihren eigenen Drähten ein.</translation>
    </message>
    <message>
        <source>{} and {}</source>
        <translation>{} und {}</translation>
    </message>
    <message>
        <source>{} and {} are joined: one has {} of its capacity left, the other {}.</source>
        <translation>{} und {} sind verbunden: der eine hat noch {} seiner Kapazität, der andere {}.</translation>
    </message>
    <message>
        <source>{} and {} are joined: {} beside {}.</source>
        <translation>{} und {} sind verbunden: {} neben {}.</translation>
    </message>
    <message>
        <source>{} and {} are joined: {} cells in series beside {}.</source>
        <translation>{} und {} sind verbunden: {} Zellen in Reihe neben {}.</translation>
    </message>
    <message>
        <source>{} and {} both feed {}: the higher one carries all.</source>
        <translation>{} und {} speisen beide {}: der höhere trägt alles.</translation>
    </message>
    <message>
        <source>{} and {} have plugs of one kind at {} and {}: one fits the other's socket.</source>
        <translation>{} und {} haben Stecker einer Art bei {} und {}: der eine passt in die Buchse des anderen.</translation>
    </message>
    <message>
        <source>{} and {} more</source>
        <translation>{} und {} weitere</translation>
    </message>
    <message>
        <source>{} and {} share a return: {} of ground shift now.</source>
        <translation>{} und {} teilen eine Rückleitung: jetzt {} Masseversatz.</translation>
    </message>
    <message>
        <source>{} apart, on threaded rod</source>
        <translation>{} Abstand, auf Gewindestange</translation>
    </message>
    <message>
        <source>{} as said, a fifth either way, and its lead.</source>
        <translation>{} wie gesagt, ein Fünftel hin oder her, und seine Leitung.</translation>
    </message>
    <message>
        <source>{} at 1:{}</source>
        <translation>{} bei 1:{}</translation>
    </message>
    <message>
        <source>{} at rest, {} inside</source>
        <translation>{} in Ruhe, {} innen</translation>
    </message>
    <message>
        <source>{} at {}</source>
        <translation>{} bei {}</translation>
    </message>
    <message>
        <source>{} at {} instead of {} takes {} less wire.</source>
        <translation>{} bei {} statt {} braucht {} weniger Draht.</translation>
    </message>
    <message>
        <source>{} at {}, about {} of heat.</source>
        <translation>{} bei {}, etwa {} Wärme.</translation>
    </message>
    <message>
        <source>{} between</source>
        <translation>{} dazwischen</translation>
    </message>
    <message>
        <source>{} between {}</source>
        <translation>{} zwischen {}</translation>
    </message>
    <message>
        <source>{} browns out in {}, from {} charge down.</source>
        <translation>{} bekommt in {} zu wenig, von {} Ladung abwärts.</translation>
    </message>
    <message>
        <source>{} browns out: {} at its terminals, {} needed ({}).</source>
        <translation>{} hat Unterspannung: {} an den Klemmen, {} nötig ({}).</translation>
    </message>
    <message>
        <source>{} by the catalogue's typical prices; {} without one.</source>
        <translation>{} nach den üblichen Preisen des Katalogs; {} ohne Preis.</translation>
    </message>
    <message>
        <source>{} by the template, which prints at its true size</source>
        <translation>{} nach der Schablone, die in wahrer Größe gedruckt wird</translation>
    </message>
    <message>
        <source>{} can be exposed to {} and is rated for {}.</source>
        <translation>{} kann {} sehen und verträgt {}.</translation>
    </message>
    <message>
        <source>{} cannot be inside itself.</source>
        <translation>{} kann nicht in sich selbst sein.</translation>
    </message>
    <message>
        <source>{} cannot be set to {}: it makes {} – {}.</source>
        <translation>{} lässt sich nicht auf {} einstellen: er macht {} – {}.</translation>
    </message>
    <message>
        <source>{} cannot hold {} on an empty pack: {} in less {} leaves {}.</source>
        <translation>{} kann {} mit leerem Akku nicht halten: {} Eingang weniger {} lässt {}.</translation>
    </message>
    <message>
        <source>{} cannot supply the current of {}: it folds back and restarts.</source>
        <translation>{} kann nicht geben, was {} verlangt: es knickt ein und startet wieder.</translation>
    </message>
    <message>
        <source>{} carries {} continuously</source>
        <translation>{} trägt dauernd {}</translation>
    </message>
    <message>
        <source>{} carries {}. Mains and everything from 60 V DC up is outside this tool: stop, and ask a qualified person under the local code.</source>
        <translation>{} führt {}. Netzspannung und alles ab 60 V Gleichspannung liegt außerhalb dieses Werkzeugs: aufhören und eine Fachkraft nach örtlicher Vorschrift fragen.</translation>
    </message>
    <message>
        <source>{} cells make {}, not {}; say how many in series, such as {}S</source>
        <translation>{} Zellen ergeben {}, nicht {}; sag, wie viele in Reihe, etwa {}S</translation>
    </message>
    <message>
        <source>{} cells under {} headings: is a decimal comma taken for the end of a cell? Write 12.5, or put quotation marks round it.</source>
        <translation>{} Zellen unter {} Überschriften: wurde ein Dezimalkomma als Ende einer Zelle gelesen? 12.5 schreiben oder in Anführungszeichen setzen.</translation>
    </message>
    <message>
        <source>{} charges {} in air down to {}: below 0 °C lithium plating damages the cells.</source>
        <translation>{} lädt {} in Luft bis hinab auf {}: unter 0 °C scheidet sich Lithium ab.</translation>
    </message>
    <message>
        <source>{} charges {} with {}; its charger gives {}.</source>
        <translation>{} lädt {} mit {}; das Ladegerät gibt {}.</translation>
    </message>
    <message>
        <source>{} charges {} with {}; {} is recommended.</source>
        <translation>{} lädt {} mit {}; er mag {}.</translation>
    </message>
    <message>
        <source>{} circles packed: {} across</source>
        <translation>{} Kreise gepackt: {} weit</translation>
    </message>
    <message>
        <source>{} circuits together: × {}</source>
        <translation>{} Stromkreise zusammen: × {}</translation>
    </message>
    <message>
        <source>{} closes round {}, and the lead is {} thick.</source>
        <translation>{} schließt um {}, und die Leitung ist {} dick.</translation>
    </message>
    <message>
        <source>{} comes after the last end</source>
        <translation>{} kommt nach dem letzten Ende</translation>
    </message>
    <message>
        <source>{} continuously of {}; peak {}</source>
        <translation>{} dauernd von {}; Spitze {}</translation>
    </message>
    <message>
        <source>{} continuously, peak {}{}</source>
        <translation>{} dauernd, Spitze {}{}</translation>
    </message>
    <message>
        <source>{} continuously, {} for {}; the wire carries {}.</source>
        <translation>{} dauernd, {} für {}; die Leitung trägt {}.</translation>
    </message>
    <message>
        <source>{} cores in parallel: the reading is theirs together.</source>
        <translation>{} Adern parallel: die Messung ist ihre gemeinsame.</translation>
    </message>
    <message>
        <source>{} coupled, beside {}</source>
        <translation>{} koppeln, neben {}</translation>
    </message>
    <message>
        <source>{} dB at {} kHz, resonant at {} Hz{}</source>
        <translation>{} dB bei {} kHz, Resonanz bei {} Hz{}</translation>
    </message>
    <message>
        <source>{} day</source>
        <translation>{} Tag</translation>
    </message>
    <message>
        <source>{} days</source>
        <translation>{} Tage</translation>
    </message>
    <message>
        <source>{} does both.</source>
        <translation>{} tut beides.</translation>
    </message>
    <message>
        <source>{} does not fit the format</source>
        <translation>{} passt nicht zum Format</translation>
    </message>
    <message>
        <source>{} does not go into the slot of {}, which is for {}.</source>
        <translation>{} passt nicht in den Steckplatz von {}, der für {} ist.</translation>
    </message>
    <message>
        <source>{} does not open at {}</source>
        <translation>{} öffnet nicht bei {}</translation>
    </message>
    <message>
        <source>{} does not run empty: its current at any instant is the limit.</source>
        <translation>{} wird nicht leer: es zählt, was in einem Augenblick verlangt wird.</translation>
    </message>
    <message>
        <source>{} draws {} for a moment: leads of its own from the battery, without a fuse unless its maker has one. Is that figure right?</source>
        <translation>{} zieht kurzzeitig {}: eigene Leitungen von der Batterie, ohne Sicherung, sofern der Hersteller keine vorsieht. Stimmt dieser Wert?</translation>
    </message>
    <message>
        <source>{} draws {} when it stalls, and its {} fuse does not open on that.</source>
        <translation>{} zieht blockiert {}, und die Sicherung {} öffnet dabei nicht.</translation>
    </message>
    <message>
        <source>{} drops {} ({})</source>
        <translation>{}: Spannungsfall {} ({})</translation>
    </message>
    <message>
        <source>{} drops {} ({}), limit {}.</source>
        <translation>{}: Spannungsfall {} ({}), Grenze {}.</translation>
    </message>
    <message>
        <source>{} empty, {} nominal, {} full, {} charging</source>
        <translation>{} leer, {} Nennwert, {} voll, {} beim Laden</translation>
    </message>
    <message>
        <source>{} ends at {} twice: it joins nothing.</source>
        <translation>{} endet zweimal bei {}: es verbindet nichts.</translation>
    </message>
    <message>
        <source>{} expanded ≥ 1.1 × {} it must pass</source>
        <translation>{} weit ≥ 1,1 × {}, die er durchlassen muss</translation>
    </message>
    <message>
        <source>{} fed from {}</source>
        <translation>{} gespeist von {}</translation>
    </message>
    <message>
        <source>{} feeds nothing.</source>
        <translation>{} speist nichts.</translation>
    </message>
    <message>
        <source>{} feeds run</source>
        <translation>{} Zuleitungen laufen</translation>
    </message>
    <message>
        <source>{} feeds what disturbs, past the aerial at {}: lead it another way, or twist the pair and cross at right angles.</source>
        <translation>{} speist, was stört, vorbei an der Antenne bei {}: führe sie anders, oder verdrille das Paar und kreuze rechtwinklig.</translation>
    </message>
    <message>
        <source>{} fill {} of {}</source>
        <translation>{} füllen {} von {}</translation>
    </message>
    <message>
        <source>{} fires as soon as there is power: nothing is between.</source>
        <translation>{} zündet, sobald Strom da ist: Nichts ist dazwischen.</translation>
    </message>
    <message>
        <source>{} flies without a fuse, by your school: a short there draws {} until something burns.</source>
        <translation>{} fliegt nach deiner Schule ungesichert: ein Kurzschluss dort zieht {}, bis etwas brennt.</translation>
    </message>
    <message>
        <source>{} flows, no fuse opens, the wire goes to {}.</source>
        <translation>{} fließen, keine Sicherung öffnet, die Leitung geht auf {}.</translation>
    </message>
    <message>
        <source>{} flows, with the wires at their working temperature{}.</source>
        <translation>{} fließen, die Leitungen so warm, wie sie waren{}.</translation>
    </message>
    <message>
        <source>{} flows; the wire reaches {} before the fuse opens in {}.</source>
        <translation>{} fließen; die Leitung erreicht {}, ehe die Sicherung in {} öffnet.</translation>
    </message>
    <message>
        <source>{} flows; the {} does not open, the wire reaches {}: {}</source>
        <translation>{} fließen; die {} löst nicht aus, der Draht erreicht {}: {}</translation>
    </message>
    <message>
        <source>{} flows; the {} opens within {}, the wire reaches {}: {}</source>
        <translation>{} fließen; die {} löst innerhalb von {} aus, der Draht erreicht {}: {}</translation>
    </message>
    <message>
        <source>{} flows; {} opens within {}, the wire reaches {}.</source>
        <translation>{} fließen; {} öffnet innerhalb von {}, die Leitung erreicht {}.</translation>
    </message>
    <message>
        <source>{} for {}</source>
        <translation>{} für {}</translation>
    </message>
    <message>
        <source>{} for {}{}</source>
        <translation>{} für {}{}</translation>
    </message>
    <message>
        <source>{} from {}</source>
        <translation>{} von {}</translation>
    </message>
    <message>
        <source>{} fused leads begin in a {}, not in a holder each.</source>
        <translation>{} gesicherte Leitungen beginnen in {}, nicht jede in einem Halter.</translation>
    </message>
    <message>
        <source>{} gives {} at the most; the pack it charges feeds far more back through this lead.</source>
        <translation>{} gibt höchstens {}; was es lädt, gibt weit mehr, rückwärts durch diese Leitung.</translation>
    </message>
    <message>
        <source>{} gives {} continuously; the plan draws {}.</source>
        <translation>{} gibt dauernd {}; der Plan verlangt {}.</translation>
    </message>
    <message>
        <source>{} goes into current limit for a moment ({}): what it feeds starts slower.</source>
        <translation>{} begrenzt einen Augenblick lang ({}): was dort anläuft, läuft langsamer an.</translation>
    </message>
    <message>
        <source>{} goes on as {} there: a thinner wire begins with a fuse.</source>
        <translation>{} geht dort als {} weiter: Ein dünnerer Draht beginnt mit einer Sicherung.</translation>
    </message>
    <message>
        <source>{} goes through the {} in the wall of {}, which it does not pass.</source>
        <translation>{} führt durch {} in der Wand von {}, an der sie nicht vorbeikommt.</translation>
    </message>
    <message>
        <source>{} has a cell that holds {} of the others: it is empty first and can be reversed.</source>
        <translation>{} hat eine Zelle, die nur {} der anderen fasst: sie ist zuerst leer und kann umgepolt werden.</translation>
    </message>
    <message>
        <source>{} has a coil of {} and is connected to {} of {}: it {}.</source>
        <translation>{} hat eine Spule für {} und hängt an {} von {}: sie {}.</translation>
    </message>
    <message>
        <source>{} has a length of zero: measure the path and type it.</source>
        <translation>{} hat die Länge null: miss den Weg und tippe sie.</translation>
    </message>
    <message>
        <source>{} has a live case, and {} is in a metal body: film or tube between them.</source>
        <translation>{} hat ein Gehäuse unter Spannung, und {} steht in Metall: Folie oder Schlauch dazwischen.</translation>
    </message>
    <message>
        <source>{} has a plug of {} at both ends, and the {} passes {}.</source>
        <translation>{} hat an beiden Enden einen Stecker von {}; durch {} passen {}.</translation>
    </message>
    <message>
        <source>{} has ends of its own and no joint is chosen there.</source>
        <translation>{} hat eigene Enden, und dort ist keine Verbindung gewählt.</translation>
    </message>
    <message>
        <source>{} has no fuse.</source>
        <translation>{} hat keine Sicherung.</translation>
    </message>
    <message>
        <source>{} has no fuse; the module's own limit keeps the wire whole.</source>
        <translation>{} hat keine Sicherung; die Grenze des Wandlers bewahrt die Leitung.</translation>
    </message>
    <message>
        <source>{} has no fuse; the supply's own limit keeps the wire whole.</source>
        <translation>{} hat keine Sicherung; die Grenze des Netzteils selbst hält den Draht heil.</translation>
    </message>
    <message>
        <source>{} has no voltage that suits all: {} needs at least {}, {} at most {}.</source>
        <translation>{} hat keine Spannung, die allen passt: {} will mindestens {}, {} höchstens {}.</translation>
    </message>
    <message>
        <source>{} has no voltage: say it, such as 12 V.</source>
        <translation>{} hat keine Spannung: sag sie, etwa 12 V.</translation>
    </message>
    <message>
        <source>{} has no wire chosen.</source>
        <translation>{} hat keine Leitung gewählt.</translation>
    </message>
    <message>
        <source>{} here{} = {}</source>
        <translation>{} hier{} = {}</translation>
    </message>
    <message>
        <source>{} here{} = {} of the {} printed on it</source>
        <translation>{} hier{} = {} der aufgedruckten {}</translation>
    </message>
    <message>
        <source>{} in PVC carries {} in {}.</source>
        <translation>{} in PVC trägt {} bei {}.</translation>
    </message>
    <message>
        <source>{} in one joint, {}</source>
        <translation>{} in einer Verbindung, {}</translation>
    </message>
    <message>
        <source>{} in series × {} in parallel of: {}.</source>
        <translation>{} in Reihe × {} parallel aus: {}.</translation>
    </message>
    <message>
        <source>{} in the one-second peak; its cells are rated for {}</source>
        <translation>{} in der stärksten Sekunde; seine Zellen vertragen {}</translation>
    </message>
    <message>
        <source>{} in the plan: mend before anything is cut.</source>
        <translation>{} im Plan: beheben, bevor etwas geschnitten wird.</translation>
    </message>
    <message>
        <source>{} is a forked barrel lead: it carries {}; {} is drawn.</source>
        <translation>{} ist eine gegabelte Hohlsteckerleitung: sie trägt {}, verlangt werden {}.</translation>
    </message>
    <message>
        <source>{} is a starter and has no fuse, as is usual: keep its lead short, sleeved and tied.</source>
        <translation>{} ist ein Anlasser und hat wie alle Anlasser keine Sicherung: Leitung kurz halten, ummanteln und festbinden.</translation>
    </message>
    <message>
        <source>{} is about as good or better in mass, cost, run time and rails</source>
        <translation>{} ist etwa gleich gut oder besser in Masse, Kosten, Laufzeit und Schienen</translation>
    </message>
    <message>
        <source>{} is below the minimum voltage, {}</source>
        <translation>{} liegt unter der kleinsten Spannung, {}</translation>
    </message>
    <message>
        <source>{} is bent to a radius of {} at {}; {} thick, it needs {}.</source>
        <translation>{0} ist bei {2} auf {1} innen gebogen; {3} Dicke verlangen {4}.</translation>
    </message>
    <message>
        <source>{} is closed</source>
        <translation>{} ist geschlossen</translation>
    </message>
    <message>
        <source>{} is dissipated in {}: its temperature follows from its size, which is not given.</source>
        <translation>{} gehen in {} verloren: wie warm es dort wird, folgt aus der Größe, die niemand gesagt hat.</translation>
    </message>
    <message>
        <source>{} is empty before the day is over: it lasts {}.</source>
        <translation>{} ist leer, ehe der Tag um ist: er hält {}.</translation>
    </message>
    <message>
        <source>{} is expected, not {}</source>
        <translation>{} wird erwartet, nicht {}</translation>
    </message>
    <message>
        <source>{} is fed by {} sources at one input: they drive each other. Keep one.</source>
        <translation>{} wird {}-fach gespeist: zwei Quellen an einem Eingang kämpfen. Behalte eine.</translation>
    </message>
    <message>
        <source>{} is fed from {}, through {}: a loop has no source.</source>
        <translation>{} wird von {} gespeist, über {}: ein Ring hat keine Quelle.</translation>
    </message>
    <message>
        <source>{} is fed up to {} and is rated for {}.</source>
        <translation>{} wird mit bis zu {} gespeist und verträgt {}.</translation>
    </message>
    <message>
        <source>{} is fed up to {} of its {}: {} margin, 25 % recommended.</source>
        <translation>{} wird mit bis zu {} von seinen {} gespeist: {} Reserve, gewünscht 25 %.</translation>
    </message>
    <message>
        <source>{} is fed {} at the lowest and needs {}: it locks out.</source>
        <translation>{} bekommt nur {} und will {}: er schaltet ab.</translation>
    </message>
    <message>
        <source>{} is forgotten</source>
        <translation>{} ist vergessen</translation>
    </message>
    <message>
        <source>{} is in a place that is not on the machine.</source>
        <translation>{} steht an einem Ort, den die Maschine nicht hat.</translation>
    </message>
    <message>
        <source>{} is in no body.</source>
        <translation>{} liegt in keinem Gehäuse.</translation>
    </message>
    <message>
        <source>{} is in {}.</source>
        <translation>{} liegt in {}.</translation>
    </message>
    <message>
        <source>{} is inside {} already.</source>
        <translation>{} ist schon in {}.</translation>
    </message>
    <message>
        <source>{} is joined to {} without a charger between them.</source>
        <translation>{} ist mit {} verbunden, ohne Ladegerät dazwischen.</translation>
    </message>
    <message>
        <source>{} is knotted at {}: {}.</source>
        <translation>{} ist bei {} geknotet: {}.</translation>
    </message>
    <message>
        <source>{} is made for {} only</source>
        <translation>{} ist nur für {} gemacht</translation>
    </message>
    <message>
        <source>{} is more than any wire here carries.</source>
        <translation>{} ist mehr, als irgendein Draht trägt.</translation>
    </message>
    <message>
        <source>{} is more than it gives continuously</source>
        <translation>{} ist mehr, als er dauernd gibt</translation>
    </message>
    <message>
        <source>{} is more than this pack can deliver: {} into a short</source>
        <translation>{} ist mehr, als dieser Akku drücken kann: {} in einen Kurzschluss</translation>
    </message>
    <message>
        <source>{} is newer than this program reads (up to {}); nothing was changed</source>
        <translation>{} ist neuer, als dieses Programm liest (bis {}); nichts wurde geändert</translation>
    </message>
    <message>
        <source>{} is no peak: that is continuous draw.</source>
        <translation>{} ist keine Spitze: das zieht es die ganze Zeit.</translation>
    </message>
    <message>
        <source>{} is no voltage of {} cells of {} in series</source>
        <translation>{} ist keine Spannung von {} Zellen {} in Reihe</translation>
    </message>
    <message>
        <source>{} is not a rail</source>
        <translation>{} ist keine Schiene</translation>
    </message>
    <message>
        <source>{} is not a rail that is fed</source>
        <translation>{} ist keine Schiene, die gespeist wird</translation>
    </message>
    <message>
        <source>{} is not connected to a source</source>
        <translation>{} hängt an keiner Quelle</translation>
    </message>
    <message>
        <source>{} is not fed from any source. Propose wires it.</source>
        <translation>{} wird von keiner Quelle gespeist. Vorschlagen verdrahtet es.</translation>
    </message>
    <message>
        <source>{} is not made for {}: nearest are {}</source>
        <translation>{} wird nicht für {} gemacht: am nächsten sind {}</translation>
    </message>
    <message>
        <source>{} is not rated for the current that flows continuously.</source>
        <translation>{} ist nicht für den Dauerstrom ausgelegt.</translation>
    </message>
    <message>
        <source>{} is not rated for the peak.</source>
        <translation>{} ist nicht für die Spitze ausgelegt.</translation>
    </message>
    <message>
        <source>{} is of plain wires, and said to be in a sheath.</source>
        <translation>{} besteht aus einzelnen Drähten und soll in einem Mantel liegen.</translation>
    </message>
    <message>
        <source>{} is of solid wire and moves at {}: it breaks there.</source>
        <translation>{} ist aus Volldraht und bewegt sich bei {}: Dort bricht er.</translation>
    </message>
    <message>
        <source>{} is pinned to ways that do not join its two ends one after the other.</source>
        <translation>{} ist an Wege geheftet, die ihre beiden Enden nicht nacheinander verbinden.</translation>
    </message>
    <message>
        <source>{} is rated for {}; the wire conducts heat into its terminal.</source>
        <translation>{} verträgt {}; die Leitung bringt ihre Wärme dorthin, wo sie endet.</translation>
    </message>
    <message>
        <source>{} is rated for {}; {} is drawn continuously.</source>
        <translation>{} gibt {}; dauernd verlangt werden {}.</translation>
    </message>
    <message>
        <source>{} is said to be sealed and has vents: it is one or the other.</source>
        <translation>{} soll abgedichtet sein und hat Luftlöcher: nur eines davon geht.</translation>
    </message>
    <message>
        <source>{} is said to be {} across, and its wires are {} together.</source>
        <translation>{} soll {} dick sein, und ihre Adern sind zusammen {}.</translation>
    </message>
    <message>
        <source>{} is sealed and gets {} K warmer in use: as it cools it draws moisture in.</source>
        <translation>{} ist abgedichtet und wird bei der Arbeit {} K wärmer: beim Abkühlen zieht er Feuchte ein.</translation>
    </message>
    <message>
        <source>{} is sealed, but the {} lets water in.</source>
        <translation>{} ist abgedichtet, und {} lässt Wasser ein.</translation>
    </message>
    <message>
        <source>{} is sensitive and returns through the frame, which carries the noise of every other load.</source>
        <translation>{} ist empfindlich und kehrt über den Rahmen zurück, mit den Störungen aller anderen.</translation>
    </message>
    <message>
        <source>{} is set to {}, {} than {} {}: window {} – {}.</source>
        <translation>{} ist auf {} eingestellt, {} als {} {}: Fenster {} – {}.</translation>
    </message>
    <message>
        <source>{} is set to {}. Everything from 60 V DC up is outside this tool.</source>
        <translation>{} ist auf {} eingestellt. Alles ab 60 V Gleichspannung liegt außerhalb dieses Werkzeugs.</translation>
    </message>
    <message>
        <source>{} is stuck down and needs access: keep {} free of adhesive.</source>
        <translation>{} ist festgeklebt und soll erreichbar sein: {} bleiben frei vom Kleber.</translation>
    </message>
    <message>
        <source>{} is the wrong kind of value</source>
        <translation>{} ist die falsche Art von Wert</translation>
    </message>
    <message>
        <source>{} is thinner than the upstream {} fuse protects, and has no fuse of its own.</source>
        <translation>{} ist dünner, als die Sicherung {} davor schützt, und hat keine eigene.</translation>
    </message>
    <message>
        <source>{} is vital, and {} can stop it alone.</source>
        <translation>{} ist kritisch, und {} allein kann ihn ausfallen lassen.</translation>
    </message>
    <message>
        <source>{} is wet, and the {} there lets water in along the wires.</source>
        <translation>Bei {} ist es nass, und {} dort lässt Wasser an den Drähten entlang.</translation>
    </message>
    <message>
        <source>{} is worn: {} of its capacity, {} × its resistance.</source>
        <translation>{} ist verbraucht: {} seiner Kapazität, {} × seines Widerstands.</translation>
    </message>
    <message>
        <source>{} is {} already.</source>
        <translation>{} ist schon {}.</translation>
    </message>
    <message>
        <source>{} is {} and cannot be charged, yet {} charges it.</source>
        <translation>{} ist {} und lässt sich nicht laden, doch {} lädt ihn.</translation>
    </message>
    <message>
        <source>{} is {} and has a charger; such cells cannot be charged.</source>
        <translation>{} ist {} und hat ein Ladegerät; solche Zellen lassen sich nicht laden.</translation>
    </message>
    <message>
        <source>{} is {} long; a {} goes {}.</source>
        <translation>{} ist {} lang; {} geht {}.</translation>
    </message>
    <message>
        <source>{} is {}: {} – {}</source>
        <translation>{} ist {}: {} – {}</translation>
    </message>
    <message>
        <source>{} is {}; a cheap meter's own leads add up to {}. Anything more is paint or a loose bolt.</source>
        <translation>{} hat {}; die eigenen Leitungen eines billigen Messgeräts legen bis {} darauf. Alles darüber ist Lack oder eine lose Schraube.</translation>
    </message>
    <message>
        <source>{} items have ends of their own and no joint is chosen there.</source>
        <translation>{} Teile haben eigene Enden, und dort ist keine Verbindung gewählt.</translation>
    </message>
    <message>
        <source>{} joints</source>
        <translation>{} Verbindungen</translation>
    </message>
    <message>
        <source>{} kept: {}</source>
        <translation>{} behalten: {}</translation>
    </message>
    <message>
        <source>{} kinds of blade fuse to carry spares of: {}.</source>
        <translation>{} Arten von Flachsicherungen, für die Ersatz mitzunehmen ist: {}.</translation>
    </message>
    <message>
        <source>{} lands on {}, {} on {}.</source>
        <translation>{} landet auf {}, {} auf {}.</translation>
    </message>
    <message>
        <source>{} lands on {}.</source>
        <translation>{} landet auf {}.</translation>
    </message>
    <message>
        <source>{} lead</source>
        <translation>Leitung {}</translation>
    </message>
    <message>
        <source>{} leads go this way, one after the other: each takes a guide wire along for the next.</source>
        <translation>{} Leitungen gehen diesen Weg, eine nach der anderen: jede nimmt einen Zugdraht für die nächste mit.</translation>
    </message>
    <message>
        <source>{} leads, {} loads, {} of parts known by price.</source>
        <translation>{} Leitungen, {} Verbraucher, {} für Teile mit bekanntem Preis.</translation>
    </message>
    <message>
        <source>{} loads rest on typical figures: measure them before you buy for them.</source>
        <translation>{} Verbraucher beruhen auf üblichen Werten: miss sie, ehe du dafür kaufst.</translation>
    </message>
    <message>
        <source>{} lost a day; nothing is lost at best.</source>
        <translation>{} am Tag verloren; im besten Fall nichts.</translation>
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
        <source>{} meets it {} from {}</source>
        <translation>{} trifft sie {} von {}</translation>
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
        <source>{} mm², {} strands, {} over the insulation, {} mΩ/m at 20 °C, {} g/m</source>
        <translation>{} mm², {} Einzeldrähte, {} über der Isolierung, {} mΩ/m bei 20 °C, {} g/m</translation>
    </message>
    <message>
        <source>{} more derived from the best ones: rails merged or fed from one another, other converters, single wires thinner or thicker, as long as it helped.</source>
        <translation>{} weitere auf dem Weg von den besten aus: Schienen zusammengelegt oder auseinander gespeist, andere Wandler, einzelne Leitungen dünner oder dicker, solange es half.</translation>
    </message>
    <message>
        <source>{} more on the Bench.</source>
        <translation>{} weitere unter Messen.</translation>
    </message>
    <message>
        <source>{} more than the way needs: coil it and tie it, away from what is warm or sensitive.</source>
        <translation>{} mehr, als der Weg braucht: aufwickeln und festbinden, fern von Warmem und Empfindlichem.</translation>
    </message>
    <message>
        <source>{} more, as the finding of each vital load names them.</source>
        <translation>{} weitere, wie der Befund jedes kritischen Verbrauchers sie nennt.</translation>
    </message>
    <message>
        <source>{} moves from {} down to {}: the two are swapped.</source>
        <translation>{} bewegt sich von {} hinab auf {}: die beiden sind vertauscht.</translation>
    </message>
    <message>
        <source>{} must be reachable with everything closed, but {} {} off first.</source>
        <translation>{} soll geschlossen erreichbar sein, und {} {} vorher ab.</translation>
    </message>
    <message>
        <source>{} must be reachable with one lid off, but {} come off first.</source>
        <translation>{} soll mit einem Deckel ab erreichbar sein, und {} kommen vorher ab.</translation>
    </message>
    <message>
        <source>{} must stay on but is behind the {} switch.</source>
        <translation>{} muss an bleiben und hängt hinter dem Schalter {}.</translation>
    </message>
    <message>
        <source>{} must stay on, but {} is dead without the key.</source>
        <translation>{} muss an bleiben, doch {} ist ohne Schlüssel tot.</translation>
    </message>
    <message>
        <source>{} mΩ·Ah ÷ {} × {} in series ÷ {} in parallel, at {}: {}</source>
        <translation>{} mΩ·Ah ÷ {} × {} in Reihe ÷ {} parallel, bei {}: {}</translation>
    </message>
    <message>
        <source>{} names a chemistry “{}” that the catalogue does not hold.</source>
        <translation>{} nennt eine Chemie „{}“, die der Katalog nicht hat.</translation>
    </message>
    <message>
        <source>{} names a fuse holder “{}” that the catalogue does not hold.</source>
        <translation>{} nennt einen Sicherungshalter „{}“, den der Katalog nicht hat.</translation>
    </message>
    <message>
        <source>{} names a fuse “{}” that the catalogue does not hold.</source>
        <translation>{} nennt eine Sicherung „{}“, die der Katalog nicht hat.</translation>
    </message>
    <message>
        <source>{} names a module “{}” that the catalogue does not hold.</source>
        <translation>{} nennt einen Wandler „{}“, den der Katalog nicht hat.</translation>
    </message>
    <message>
        <source>{} names a switch “{}” that the catalogue does not hold.</source>
        <translation>{} nennt einen Schalter „{}“, den der Katalog nicht hat.</translation>
    </message>
    <message>
        <source>{} names a wire “{}” that the catalogue does not hold.</source>
        <translation>{} nennt eine Leitung „{}“, die der Katalog nicht hat.</translation>
    </message>
    <message>
        <source>{} need {}</source>
        <translation>{} brauchen {}</translation>
    </message>
    <message>
        <source>{} needs {} and {} is rated for only {}: no voltage suits both</source>
        <translation>{} braucht {}, und {} verträgt nur {}: keine Spannung passt beiden</translation>
    </message>
    <message>
        <source>{} needs {} behind the wall of {}, which is {} deep inside at the most.</source>
        <translation>{} braucht {} hinter der Wand von {}, das innen höchstens {} misst.</translation>
    </message>
    <message>
        <source>{} needs {}. Mains and everything from 60 V DC up is outside this tool: stop, and ask a qualified person under the local code.</source>
        <translation>{} will {}. Netzspannung und alles ab 60 V Gleichspannung liegt außerhalb dieses Werkzeugs: aufhören und eine Fachkraft nach örtlicher Vorschrift fragen.</translation>
    </message>
    <message>
        <source>{} needs ≥ {} at its end: ({} + {} × {}{}) ÷ {} = {}</source>
        <translation>{} braucht ≥ {} an seinem Ende: ({} + {} × {}{}) ÷ {} = {}</translation>
    </message>
    <message>
        <source>{} not measured yet</source>
        <translation>{}, noch nicht gemessen</translation>
    </message>
    <message>
        <source>{} not pass an opening made up and {} until then; pulled by the other end it would be {}.</source>
        <translation>{} nicht fertig durch eine Öffnung und {} bis dahin; am anderen Ende gezogen wären es {}.</translation>
    </message>
    <message>
        <source>{} now; out and back wires meet here.</source>
        <translation>jetzt {}; Hin- und Rückleitungen treffen sich hier.</translation>
    </message>
    <message>
        <source>{} of bundle at {} is shaken hard: knots of cord work loose on it.</source>
        <translation>{} Bündel bei {} wird stark gerüttelt: Schnurknoten lösen sich darauf.</translation>
    </message>
    <message>
        <source>{} of copper together, {} across bared.</source>
        <translation>{} Kupfer zusammen, {} breit abisoliert.</translation>
    </message>
    <message>
        <source>{} of heat × {} K/W + {} = {}</source>
        <translation>{} Wärme × {} K/W + {} = {}</translation>
    </message>
    <message>
        <source>{} of lead feed the controller of {}: {} across its input, {}.</source>
        <translation>{} Leitung speisen den Regler von {}: {} an seinen Eingang, {}.</translation>
    </message>
    <message>
        <source>{} of ripple within {}, {} between the pairs: {} nH a metre.</source>
        <translation>{} Welligkeit in {}, {} zwischen den Paaren: {} nH je Meter.</translation>
    </message>
    <message>
        <source>{} of run time</source>
        <translation>{} Laufzeit</translation>
    </message>
    <message>
        <source>{} of that circle is filled</source>
        <translation>{} dieses Kreises sind gefüllt</translation>
    </message>
    <message>
        <source>{} of thickness are not drawn snug</source>
        <translation>{} Dicke lassen sich nicht fest zuziehen</translation>
    </message>
    <message>
        <source>{} of {}</source>
        <translation>{} von {}</translation>
    </message>
    <message>
        <source>{} of {} outside, packed.</source>
        <translation>{} von {} außen, gepackt.</translation>
    </message>
    <message>
        <source>{} of {}, {}</source>
        <translation>{} {}, {}</translation>
    </message>
    <message>
        <source>{} of {}, {} to {}</source>
        <translation>{} {}, {} an {}</translation>
    </message>
    <message>
        <source>{} on a {}</source>
        <translation>{} an einem {}</translation>
    </message>
    <message>
        <source>{} opens after {} is damaged: that is rated for {}.</source>
        <translation>{} öffnet, nachdem {} Schaden genommen hat: das verträgt {}.</translation>
    </message>
    <message>
        <source>{} opens at {} between {} and {}</source>
        <translation>{} öffnet bei {} zwischen {} und {}</translation>
    </message>
    <message>
        <source>{} output +</source>
        <translation>{} Ausgang +</translation>
    </message>
    <message>
        <source>{} output + to −</source>
        <translation>{} Ausgang + gegen −</translation>
    </message>
    <message>
        <source>{} output −</source>
        <translation>{} Ausgang −</translation>
    </message>
    <message>
        <source>{} pack into {}; it is {} wide, {} full</source>
        <translation>{} packen sich zu {}; sie ist {} weit, {} voll</translation>
    </message>
    <message>
        <source>{} pack into {}; its width is not given</source>
        <translation>{} packen sich zu {}; wie weit sie ist, hat niemand gesagt</translation>
    </message>
    <message>
        <source>{} packs compared that the catalogue's cells make in forms that are sold.</source>
        <translation>{} Akkus verglichen, die sich aus Zellen des Katalogs in erhältlichen Formen ergeben.</translation>
    </message>
    <message>
        <source>{} packs tried; {} of {} kinds and voltages meet the mission, {} of them worth comparing.</source>
        <translation>{} Akkus versucht; {} aus {} Arten und Spannungen genügen, {} davon lohnen sich.</translation>
    </message>
    <message>
        <source>{} passes the wall of {}: through which opening?</source>
        <translation>{} geht durch die Wand von {}: durch welche Öffnung?</translation>
    </message>
    <message>
        <source>{} past the {} at {}: {}.</source>
        <translation>{} vorbei an: {} bei {}: {}.</translation>
    </message>
    <message>
        <source>{} pieces of {}</source>
        <translation>{} Stücke {}</translation>
    </message>
    <message>
        <source>{} rail</source>
        <translation>Schiene {}</translation>
    </message>
    <message>
        <source>{} rated × {} = {} derated</source>
        <translation>{} Nennwert × {} = {} herabgesetzt</translation>
    </message>
    <message>
        <source>{} reaches {} in {} air; its rating is {}.</source>
        <translation>{} erreicht {} bei {} Umgebung; Nennwert {}.</translation>
    </message>
    <message>
        <source>{} reaches {} inside: {} dissipated, {} ambient.</source>
        <translation>{} erreicht innen {}: {} Verlustleistung, {} Umgebung.</translation>
    </message>
    <message>
        <source>{} reaches {}. Everything from 60 V DC up is outside this tool: {}.</source>
        <translation>{} erreicht {}. Alles ab 60 V Gleichspannung liegt außerhalb dieses Werkzeugs: {}.</translation>
    </message>
    <message>
        <source>{} recovered ≤ 0.9 × {} it must grip</source>
        <translation>{} geschrumpft ≤ 0,9 × {}, die er fassen muss</translation>
    </message>
    <message>
        <source>{} resets: {} at its terminals for a moment, {} needed ({}).</source>
        <translation>{} startet neu: kurzzeitig {} an den Klemmen, {} nötig ({}).</translation>
    </message>
    <message>
        <source>{} rests on typical figures: measure it before you buy for it.</source>
        <translation>{} beruht auf üblichen Werten: miss ihn, ehe du dafür kaufst.</translation>
    </message>
    <message>
        <source>{} returns through {}, which is {}: no current flows.</source>
        <translation>{} kehrt über {} zurück, und das ist {}: kein Strom fließt.</translation>
    </message>
    <message>
        <source>{} ruled out: unsafe, or too small for the day.</source>
        <translation>{} ausgeschieden: unsicher oder zu klein für den Tag.</translation>
    </message>
    <message>
        <source>{} runs</source>
        <translation>{} läuft</translation>
    </message>
    <message>
        <source>{} runs beside {} for {}: about {} is coupled in, {} is tolerated.</source>
        <translation>{} läuft neben {} über {}: etwa {} koppeln ein, und sie verträgt {}.</translation>
    </message>
    <message>
        <source>{} sags to {}, below its cut-off of {}: its protection may switch off.</source>
        <translation>{} sinkt auf {}, unter seine Abschaltung von {}: sein Schutz schaltet vielleicht ab.</translation>
    </message>
    <message>
        <source>{} samples are too few: at least {} are needed</source>
        <translation>{} Werte sind zu wenig: mindestens {} sind nötig</translation>
    </message>
    <message>
        <source>{} samples over {}.</source>
        <translation>{} Werte über {}.</translation>
    </message>
    <message>
        <source>{} samples, {} drawn, from {} charge.</source>
        <translation>{} Werte, {} entnommen, von {} Ladung an.</translation>
    </message>
    <message>
        <source>{} seeded draws over tolerances of parts, loads and lengths, charge and air</source>
        <translation>{} Züge mit festem Keim über die Toleranzen von Teilen, Verbrauchern und Längen, Ladung und Luft</translation>
    </message>
    <message>
        <source>{} shares its supply with what is noisy: a filter in its lead.</source>
        <translation>{} teilt seine Speisung mit dem, was stört: ein Filter in seiner Leitung.</translation>
    </message>
    <message>
        <source>{} shares the supply {} with {}, without a filter.</source>
        <translation>{} hängt an {} neben {}, ohne etwas dazwischen.</translation>
    </message>
    <message>
        <source>{} shares {} with {}, which is sensitive.</source>
        <translation>{} teilt {} mit {}, das empfindlich ist.</translation>
    </message>
    <message>
        <source>{} sits at {} of a lead that is {} long.</source>
        <translation>{} sitzt bei {} auf einer Leitung, die {} lang ist.</translation>
    </message>
    <message>
        <source>{} sits on {}: how far above ambient does that get in use?</source>
        <translation>{} sitzt auf {}: wie viel wärmer als die Luft wird das bei der Arbeit?</translation>
    </message>
    <message>
        <source>{} sits {}, which only reaches {}: it will never close.</source>
        <translation>{} sitzt {}, wo nur {} erreicht werden: er schließt nie.</translation>
    </message>
    <message>
        <source>{} sits {}, which reaches {} in normal use: it will cut out.</source>
        <translation>{} sitzt {}, wo im normalen Betrieb {} erreicht werden: er schaltet ab.</translation>
    </message>
    <message>
        <source>{} stalled draws {}: its fuse takes up to {}.</source>
        <translation>{} zieht blockiert {}: seine Sicherung braucht bis zu {}.</translation>
    </message>
    <message>
        <source>{} starts</source>
        <translation>{} läuft an</translation>
    </message>
    <message>
        <source>{} steps, about {} of handwork left.</source>
        <translation>{} Schritte, etwa {} Handarbeit übrig.</translation>
    </message>
    <message>
        <source>{} stores {}: above 100 Wh an airline has to approve carrying it.</source>
        <translation>{} fasst {}: über 100 Wh braucht es die Zustimmung der Fluglinie, ihn mitzunehmen.</translation>
    </message>
    <message>
        <source>{} supplies meet at {}: pull the red wire of {}.</source>
        <translation>{} Versorgungen treffen sich bei {}: zieh die rote Ader von {}.</translation>
    </message>
    <message>
        <source>{} supplies {} (peak {}); rated {}, derated {}.</source>
        <translation>{} gibt {} (Spitze {}); aufgedruckt {}, zugetraut {}.</translation>
    </message>
    <message>
        <source>{} switch in the {}</source>
        <translation>Schalter {} in: {}</translation>
    </message>
    <message>
        <source>{} switch: {} breaks {} DC at most; here {}.</source>
        <translation>Schalter {}: {} trennt höchstens {} Gleichspannung; er sieht {}.</translation>
    </message>
    <message>
        <source>{} switch: {} carries {}; {} is drawn (peak {}).</source>
        <translation>Schalter {}: {} trägt {}, verlangt {} (Spitze {}).</translation>
    </message>
    <message>
        <source>{} switches off and restarts repeatedly: its input stays at {}.</source>
        <translation>{} lässt los und startet wieder: sein Eingang hängt bei {}.</translation>
    </message>
    <message>
        <source>{} takes most of what the main fuse lets through: that fuse is its own, too.</source>
        <translation>{} nimmt das meiste von dem, was die Hauptsicherung durchlässt: sie ist auch seine eigene.</translation>
    </message>
    <message>
        <source>{} takes over {}</source>
        <translation>{} übernimmt {}</translation>
    </message>
    <message>
        <source>{} takes the whole range.</source>
        <translation>{} nimmt den ganzen Bereich.</translation>
    </message>
    <message>
        <source>{} taps a fuse slot, and there is none at {}.</source>
        <translation>{} zapft einen Sicherungsplatz an, und bei {} gibt es keinen.</translation>
    </message>
    <message>
        <source>{} that it came with, {} needed</source>
        <translation>{} mitgeliefert, {} nötig</translation>
    </message>
    <message>
        <source>{} there; {} flow continuously.</source>
        <translation>{} dort; dauernd fließen {}.</translation>
    </message>
    <message>
        <source>{} through a way at the most, {} through its bar, {}.</source>
        <translation>Höchstens {} durch einen Platz, {} durch seine Schiene, {}.</translation>
    </message>
    <message>
        <source>{} through {}: {} at the first instant.</source>
        <translation>{} durch {}: {} im ersten Augenblick.</translation>
    </message>
    <message>
        <source>{} times</source>
        <translation>{}-mal</translation>
    </message>
    <message>
        <source>{} times larger</source>
        <translation>{}-fach vergrößert</translation>
    </message>
    <message>
        <source>{} times the outer diameter where it lies still.</source>
        <translation>Das {}-Fache des Außendurchmessers, wo sie ruht.</translation>
    </message>
    <message>
        <source>{} tinned {} under screws: tighten them again after a week.</source>
        <translation>{} verzinnte {} unter Schrauben: zieh sie nach einer Woche nach.</translation>
    </message>
    <message>
        <source>{} to pin {}</source>
        <translation>{} an Stift {}</translation>
    </message>
    <message>
        <source>{} to {}</source>
        <translation>{} an {}</translation>
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
        <source>{} to {} mm is expected here.</source>
        <translation>{} bis {} mm werden hier erwartet.</translation>
    </message>
    <message>
        <source>{} to {} mm²</source>
        <translation>{} bis {} mm²</translation>
    </message>
    <message>
        <source>{} to {} °C</source>
        <translation>{} bis {} °C</translation>
    </message>
    <message>
        <source>{} together: {} bared, {} over insulation</source>
        <translation>{} zusammen: {} abisoliert, {} über der Isolierung</translation>
    </message>
    <message>
        <source>{} turns by {}° at {}. Bend radius there: {} available, {} needed.</source>
        <translation>{} biegt sich um {}° bei {}. Biegeradius dort: {} vorhanden, {} nötig.</translation>
    </message>
    <message>
        <source>{} was read outside its window: find out why.</source>
        <translation>{} lag außerhalb des Fensters: finde heraus, warum.</translation>
    </message>
    <message>
        <source>{} while charging: above 60 V is outside this tool</source>
        <translation>{} beim Laden: über 60 V liegt außerhalb dieses Werkzeugs</translation>
    </message>
    <message>
        <source>{} whole plans proposed and studied: each battery that no other beats, with every way to size wires, set rails, separate noise and group leads.</source>
        <translation>{} ganze Pläne vorgeschlagen und untersucht: jeder Akku, der sich lohnt, mit jeder Art, Leitungen zu bemessen, Schienen einzustellen, Störungen fernzuhalten und Zuleitungen zu bündeln.</translation>
    </message>
    <message>
        <source>{} wires</source>
        <translation>{} Adern</translation>
    </message>
    <message>
        <source>{} wires, {} across bared and {} over their insulation.</source>
        <translation>{} Drähte, {} breit abisoliert und {} über ihrer Isolierung.</translation>
    </message>
    <message>
        <source>{} with a {} chisel tip</source>
        <translation>{} mit Meißelspitze von {}</translation>
    </message>
    <message>
        <source>{} would not last the day in {}.</source>
        <translation>{} würde in {} nicht für den Tag reichen.</translation>
    </message>
    <message>
        <source>{} would sag below its cut-off at its peak, at {} charge.</source>
        <translation>{} würde an der Spitze zu weit einbrechen, bei {} Ladung.</translation>
    </message>
    <message>
        <source>{} yields {} on a {} day; {} is used.</source>
        <translation>{} bringt {} an einem {} Tag; {} gehen hinaus.</translation>
    </message>
    <message>
        <source>{} {} a guess of {}. Measure along the path, not straight across.</source>
        <translation>{} {} eine Schätzung von {}. Miss den Weg, nicht die Luftlinie.</translation>
    </message>
    <message>
        <source>{} {} above {}: {} now.</source>
        <translation>{} {} über {}: jetzt {}.</translation>
    </message>
    <message>
        <source>{} {} figures typical of such parts</source>
        <translation>{} {} Werte, die für solche Teile üblich sind</translation>
    </message>
    <message>
        <source>{} {} glued over before {} measured.</source>
        <translation>{} {} verklebt, ehe {} gemessen.</translation>
    </message>
    <message>
        <source>{} {} guessed at {}</source>
        <translation>{} {} auf {} geschätzt</translation>
    </message>
    <message>
        <source>{} {} guessed: measure on Routing.</source>
        <translation>{} {} geschätzt: miss unter Wege.</translation>
    </message>
    <message>
        <source>{} {} not wired: press Propose (Ctrl+Enter).</source>
        <translation>{} {} nicht verdrahtet: drücke Vorschlagen (Strg+Enter).</translation>
    </message>
    <message>
        <source>{} {} only a nominal voltage said, taken as a battery's range</source>
        <translation>{} {} nur eine Nennspannung, genommen als Bereich eines Akkus</translation>
    </message>
    <message>
        <source>{} {} takes {} and {} land on it.</source>
        <translation>{} {} nimmt {}, und {} landen darauf.</translation>
    </message>
    <message>
        <source>{} {} through the bare {} in metal: its edge cuts into {}.</source>
        <translation>{} {} durch blankes Metall, Öffnung {}: die Kante schneidet in {}.</translation>
    </message>
    <message>
        <source>{} {} to be made from it.</source>
        <translation>{} {} daraus zu machen.</translation>
    </message>
    <message>
        <source>{} {} to {}</source>
        <translation>{} {} an {}</translation>
    </message>
    <message>
        <source>{} {} {} and the {} is {}.</source>
        <translation>{} {} {}, und das ist {}: {}.</translation>
    </message>
    <message>
        <source>{} {} – {} in nine draws of ten; moved most by {}.</source>
        <translation>{} {} – {} in neun von zehn Zügen; am meisten bewegt durch: {}.</translation>
    </message>
    <message>
        <source>{} {}: conductor {}, over insulation {}</source>
        <translation>{} {}: Leiter {}, über der Isolierung {}</translation>
    </message>
    <message>
        <source>{} {}: pin {} to pin {}</source>
        <translation>{} {}: Stift {} an Stift {}</translation>
    </message>
    <message>
        <source>{} µT at {}, most of it from {}; the Earth's field lies at {} µT across.</source>
        <translation>{} µT bei {}, das meiste von {}; das Erdfeld liegt waagrecht bei {} µT.</translation>
    </message>
    <message>
        <source>{} · {} in series{} · {}</source>
        <translation>{} · {} in Reihe{} · {}</translation>
    </message>
    <message>
        <source>{} × (1 − {} × {}) = {} at {}</source>
        <translation>{} × (1 − {} × {}) = {} bei {}</translation>
    </message>
    <message>
        <source>{} × (out and back) at {}.</source>
        <translation>{} × (hin und zurück) bei {}.</translation>
    </message>
    <message>
        <source>{} × 5 %, too warm = {}</source>
        <translation>{} × 5 %, zu warm = {}</translation>
    </message>
    <message>
        <source>{} × 75 %{} leaves {} for this.</source>
        <translation>{} × 75 %{} lässt {} dafür.</translation>
    </message>
    <message>
        <source>{} × 80 %{} leaves {} for this.</source>
        <translation>{} × 80 %{} lässt {} dafür.</translation>
    </message>
    <message>
        <source>{} × {} = {} below the {} at rest</source>
        <translation>{} × {} = {} unter den {} in Ruhe</translation>
    </message>
    <message>
        <source>{} × {} = {} in the catalogue's typical money</source>
        <translation>{} × {} = {} im üblichen Geld des Katalogs</translation>
    </message>
    <message>
        <source>{} × {} K/W = {} over {} air: {}; it withstands {}</source>
        <translation>{} × {} K/W = {} über {} Luft: {}; er verträgt {}</translation>
    </message>
    <message>
        <source>{} × {} h × 75 % × 90 % = {} on a good one</source>
        <translation>{} × {} h × 75 % × 90 % = {} an einem guten</translation>
    </message>
    <message>
        <source>{} × {} h × 75 % × 90 % = {} on a poor day</source>
        <translation>{} × {} h × 75 % × 90 % = {} an einem schlechten Tag</translation>
    </message>
    <message>
        <source>{} × {} mm</source>
        <translation>{} × {} mm</translation>
    </message>
    <message>
        <source>{} × {} of {} on first, one for each joint, parked {} away.</source>
        <translation>Zuerst {} × {} von {} aufschieben, eins für jede Verbindung, {} entfernt geparkt.</translation>
    </message>
    <message>
        <source>{} × {} of {} on first, well back.</source>
        <translation>Erst {} × {} {} darauf, weit zurück.</translation>
    </message>
    <message>
        <source>{} × {} of {}, one on each core, at {}.</source>
        <translation>{} × {} von {}, je eines auf jede Ader, an {}.</translation>
    </message>
    <message>
        <source>{} × {} of {}, one on each lead, at {}.</source>
        <translation>{} × {} {}, einer auf jede Leitung, bei {}.</translation>
    </message>
    <message>
        <source>{} × {} × {} mΩ/m{} = {}, the copper at {}</source>
        <translation>{} × {} × {} mΩ/m{} = {}, das Kupfer bei {}</translation>
    </message>
    <message>
        <source>{} × {} ÷ {} = {} of charging, at what its source gives at most.</source>
        <translation>{} × {} ÷ {} = {} Laden, mit dem, was seine Quelle höchstens gibt.</translation>
    </message>
    <message>
        <source>{} × {} – {} h × 75 % for dirt, tilt and warmth × 90 % of its controller</source>
        <translation>{} × {} – {} h × 75 % für Schmutz, Neigung und Wärme × 90 % seines Reglers</translation>
    </message>
    <message>
        <source>{} × {}, no more than {} between</source>
        <translation>{} × {}, höchstens {} dazwischen</translation>
    </message>
    <message>
        <source>{} ÷ (source {} + fuse {} + 2 × {} × {} mΩ/m) = {}</source>
        <translation>{} ÷ (Quelle {} + Sicherung {} + 2 × {} × {} mΩ/m) = {}</translation>
    </message>
    <message>
        <source>{} ÷ {} = {} at first into {}, {} × {} = {} long.</source>
        <translation>{} ÷ {} = {} anfangs in {}, {} × {} = {} lang.</translation>
    </message>
    <message>
        <source>{} ÷ {} = {} at the first instant, {}.</source>
        <translation>{} ÷ {} = {} im ersten Augenblick, {}.</translation>
    </message>
    <message>
        <source>{} ÷ {} = {} × its rating</source>
        <translation>{} ÷ {} = {} × ihr Nennwert</translation>
    </message>
    <message>
        <source>{} ÷ {} = {}; a coil needs {} to {}.</source>
        <translation>{} ÷ {} = {}; eine Spule will {} bis {}.</translation>
    </message>
    <message>
        <source>{} – {}, {} typical{}</source>
        <translation>{} – {}, {} üblich{}</translation>
    </message>
    <message>
        <source>{}'s charger ends at {}: it is never full, at {}.</source>
        <translation>Das Ladegerät von {} endet bei {}: voll ist er nie, mit {}.</translation>
    </message>
    <message>
        <source>{}'s charger gives {}; {} is recommended.</source>
        <translation>Das Ladegerät von {} gibt {}; er mag {}.</translation>
    </message>
    <message>
        <source>{}'s charger goes up to {}; its cells end at {}.</source>
        <translation>Das Ladegerät von {} geht bis {}; die Zellen enden bei {}.</translation>
    </message>
    <message>
        <source>{}'s {} fuse carries {} continuously; {} is drawn through it.</source>
        <translation>Die Sicherung von {}, {}, trägt dauernd {}; verlangt werden {}.</translation>
    </message>
    <message>
        <source>{}, at the frame</source>
        <translation>{}, am Rahmen</translation>
    </message>
    <message>
        <source>{}, at the return it shares</source>
        <translation>{}, an der Rückleitung, die es teilt</translation>
    </message>
    <message>
        <source>{}, at {}</source>
        <translation>{}, bei {}</translation>
    </message>
    <message>
        <source>{}, back again</source>
        <translation>{}, wieder zurück</translation>
    </message>
    <message>
        <source>{}, bundle {} thick</source>
        <translation>{}, Bündel {} dick</translation>
    </message>
    <message>
        <source>{}, cut {}</source>
        <translation>{}, Zuschnitt {}</translation>
    </message>
    <message>
        <source>{}, for an opening of {}</source>
        <translation>{}, für eine Öffnung von {}</translation>
    </message>
    <message>
        <source>{}, for: {}</source>
        <translation>{}, für: {}</translation>
    </message>
    <message>
        <source>{}, in {}</source>
        <translation>{}, in {}</translation>
    </message>
    <message>
        <source>{}, its {} at {}</source>
        <translation>{}, seine {} bei {}</translation>
    </message>
    <message>
        <source>{}, no servo</source>
        <translation>{}, kein Servo</translation>
    </message>
    <message>
        <source>{}, nothing on the output</source>
        <translation>{}, nichts am Ausgang</translation>
    </message>
    <message>
        <source>{}, over and over, {}.</source>
        <translation>{}, immer wieder, {}.</translation>
    </message>
    <message>
        <source>{}, twisted</source>
        <translation>{}, verdrillt</translation>
    </message>
    <message>
        <source>{}, with its plug</source>
        <translation>{}, mit seinem Stecker</translation>
    </message>
    <message>
        <source>{}, {:.0f} % charge, {}, all at peak</source>
        <translation>{}, {:.0f} % Ladung, {}, alle an ihrer Spitze</translation>
    </message>
    <message>
        <source>{}, {:.0f} % charge, {}: {}</source>
        <translation>{}, {:.0f} % Ladung, {}: {}</translation>
    </message>
    <message>
        <source>{}, {:.0f} % charge, {}{}</source>
        <translation>{}, {:.0f} % Ladung, {}{}</translation>
    </message>
    <message>
        <source>{}, {} in series, is {} – {}</source>
        <translation>{}, {} in Reihe, hat {} – {}</translation>
    </message>
    <message>
        <source>{}, {} to {}</source>
        <translation>{}, {} bis {}</translation>
    </message>
    <message>
        <source>{}, {}: its wire is not chosen yet</source>
        <translation>{}, {}: sein Draht ist noch nicht gewählt</translation>
    </message>
    <message>
        <source>{}, {}: {} of the energy needs no converter; {} {} to be made.</source>
        <translation>{}, {}: {} der Energie braucht keinen Wandler; {} {} sind zu bilden.</translation>
    </message>
    <message>
        <source>{}-pole</source>
        <translation>{}-polig</translation>
    </message>
    <message>
        <source>{}: a bus needs a resistor across the pair at both ends{}.</source>
        <translation>{}: ein Bus will an beiden Enden einen Widerstand über das Paar{}.</translation>
    </message>
    <message>
        <source>{}: a resettable fuse at the pack closes again onto the same fault.</source>
        <translation>{}: eine selbstrückstellende Sicherung gleich am Akku schließt wieder auf denselben Fehler.</translation>
    </message>
    <message>
        <source>{}: a servo plug that carries {} destroys a servo plugged into it.</source>
        <translation>{}: ein Servostecker, der {} führt, tötet ein eingestecktes Servo.</translation>
    </message>
    <message>
        <source>{}: a short draws only {}; no fuse opens, and the wire reaches {}.</source>
        <translation>{}: ein Kurzschluss zieht nur {}; keine Sicherung öffnet, und die Leitung erreicht {}.</translation>
    </message>
    <message>
        <source>{}: a {} V fuse on {}: the arc may not go out.</source>
        <translation>{}: eine Sicherung für {} V an {}: der Lichtbogen erlischt vielleicht nicht.</translation>
    </message>
    <message>
        <source>{}: a {} coil on {} – {}.</source>
        <translation>{}: eine Spule für {} an {} – {}.</translation>
    </message>
    <message>
        <source>{}: a {} goes in either way round.</source>
        <translation>{}: {} geht andersherum ebenso hinein.</translation>
    </message>
    <message>
        <source>{}: a {} is made for {}; its stud is M{:g}.</source>
        <translation>{}: ein {} ist für {} gemacht; sein Bolzen ist M{:g}.</translation>
    </message>
    <message>
        <source>{}: a {} needs a tool you do not have: {}.</source>
        <translation>{}: {} will ein Werkzeug, das du nicht hast: {}.</translation>
    </message>
    <message>
        <source>{}: a {} takes {} to {}; the wire here has {}.</source>
        <translation>{}: {} nimmt {} bis {}; hier sind es {}.</translation>
    </message>
    <message>
        <source>{}: across the pair</source>
        <translation>{}: über das Paar</translation>
    </message>
    <message>
        <source>{}: antenna on before it is powered, even for setup. The build has a step for it.</source>
        <translation>{}: Antenne dran, ehe er Strom bekommt, auch zum Einrichten. Der Bau hat einen Schritt dafür.</translation>
    </message>
    <message>
        <source>{}: brackets nested deeper than {}</source>
        <translation>{}: Klammern tiefer geschachtelt als {}</translation>
    </message>
    <message>
        <source>{}: cannot be checked: {}</source>
        <translation>{}: kann nicht geprüft werden: {}</translation>
    </message>
    <message>
        <source>{}: check every nut and screw by hand and mark it with a line of paint.</source>
        <translation>{}: jede Mutter und Schraube von Hand, ein Lackstrich darüber.</translation>
    </message>
    <message>
        <source>{}: dome nut tight until the lead no longer turns in its seal.</source>
        <translation>{}: Hutmutter anziehen, bis sich die Leitung in der Dichtung nicht mehr dreht.</translation>
    </message>
    <message>
        <source>{}: guarded, or locked on.</source>
        <translation>{}: geschützt oder verriegelt.</translation>
    </message>
    <message>
        <source>{}: home, latched, tied; tug it.</source>
        <translation>{}: ganz drin, eingerastet, gebunden; zieh daran.</translation>
    </message>
    <message>
        <source>{}: it sets</source>
        <translation>{}: es härtet</translation>
    </message>
    <message>
        <source>{}: its data pair is not twisted.</source>
        <translation>{}: sein Datenpaar ist nicht verdrillt.</translation>
    </message>
    <message>
        <source>{}: its diode is the wrong way round and lets nothing through.</source>
        <translation>{}: die Diode ist verkehrt herum und lässt nichts durch.</translation>
    </message>
    <message>
        <source>{}: its fuse is at the panel; a short in the lead is fed from the pack.</source>
        <translation>{}: die Sicherung sitzt am Panel; ein Kurzschluss darin wird vom anderen Ende gespeist.</translation>
    </message>
    <message>
        <source>{}: its hold-down tight; shaken by hand it stays.</source>
        <translation>{}: der Niederhalter fest; von Hand geschüttelt bleibt er.</translation>
    </message>
    <message>
        <source>{}: its minimum voltage, {}, is above its maximum, {}.</source>
        <translation>{}: seine kleinste Spannung, {}, liegt über seiner größten, {}.</translation>
    </message>
    <message>
        <source>{}: its own lead, {}, carries {}; {} is drawn.</source>
        <translation>{}: sein eigener Anschluss, {}, trägt {}; verlangt werden {}.</translation>
    </message>
    <message>
        <source>{}: its own lead, {}, is thinner than its fuse protects: it carries {}.</source>
        <translation>{}: sein eigener Anschluss, {}, ist dünner, als seine Sicherung schützt: er trägt {}.</translation>
    </message>
    <message>
        <source>{}: its pins run the other way at the far end.</source>
        <translation>{}: seine Stifte laufen am anderen Ende andersherum.</translation>
    </message>
    <message>
        <source>{}: its strap tight; shaken by hand it stays.</source>
        <translation>{}: das Band fest; von Hand geschüttelt bleibt er.</translation>
    </message>
    <message>
        <source>{}: its {} fuse is larger than its {} wire carries.</source>
        <translation>{}: seine Sicherung {} ist größer, als seine Leitung {} verträgt.</translation>
    </message>
    <message>
        <source>{}: its {} fuse is larger than the {} of the circuit it is tapped from.</source>
        <translation>{}: seine Sicherung {} ist größer als die {} des angezapften Stromkreises.</translation>
    </message>
    <message>
        <source>{}: its {} fuse opens after {}.</source>
        <translation>{}: seine Sicherung {} öffnet nach {}.</translation>
    </message>
    <message>
        <source>{}: its {} is {}.</source>
        <translation>{}: {} ist {}.</translation>
    </message>
    <message>
        <source>{}: its {} passes taken apart only, {}.</source>
        <translation>{}: {} geht nur zerlegt hindurch, {}.</translation>
    </message>
    <message>
        <source>{}: last of all</source>
        <translation>{}: als Allerletztes</translation>
    </message>
    <message>
        <source>{}: mains inside the machine. Stop: a licensed person, under the local code.</source>
        <translation>{}: Netzspannung in der Maschine. Aufhören: eine Fachkraft, nach örtlicher Vorschrift.</translation>
    </message>
    <message>
        <source>{}: mains is no source of this machine. Stop: a licensed person, under the local code.</source>
        <translation>{}: Netzspannung ist keine Quelle dieser Maschine. Halt: eine Elektrofachkraft, nach den örtlichen Vorschriften.</translation>
    </message>
    <message>
        <source>{}: no joint is chosen.</source>
        <translation>{}: keine Verbindung ist gewählt.</translation>
    </message>
    <message>
        <source>{}: no list of entries is in it</source>
        <translation>{}: keine Liste von Einträgen ist darin</translation>
    </message>
    <message>
        <source>{}: no terminal there is for it.</source>
        <translation>{}: dort ist keine Klemme dafür.</translation>
    </message>
    <message>
        <source>{}: no tube at hand goes over all {} wires of its pigtail.</source>
        <translation>{}: kein vorhandener Schlauch geht über alle {} Drähte seines Sammelspleißes.</translation>
    </message>
    <message>
        <source>{}: no tube {} covers {}; {} would stay bare.</source>
        <translation>{}: kein Schlauch {} deckt {}; {} bliebe blank.</translation>
    </message>
    <message>
        <source>{}: no {} “{}” in the catalogue</source>
        <translation>{}: kein {} „{}“ im Katalog</translation>
    </message>
    <message>
        <source>{}: no “{}” is in it</source>
        <translation>{}: kein „{}“ ist darin</translation>
    </message>
    <message>
        <source>{}: not valid JSON: {}</source>
        <translation>{}: kein gültiges JSON: {}</translation>
    </message>
    <message>
        <source>{}: nothing to hold it against.</source>
        <translation>{}: nichts, woran es zu messen wäre.</translation>
    </message>
    <message>
        <source>{}: on which of its {} terminals?</source>
        <translation>{}: auf welche der {} Klemmen?</translation>
    </message>
    <message>
        <source>{}: one round of {} {}: {} and {} on either side, {}</source>
        <translation>{}: ein Rund von {} {}: {} und auf jeder Seite {}, {}</translation>
    </message>
    <message>
        <source>{}: plus and minus are both {}.</source>
        <translation>{}: Plus und Minus sind beide {}.</translation>
    </message>
    <message>
        <source>{}: plus is black and minus {}; whoever repairs it will swap them.</source>
        <translation>{}: Plus ist schwarz und Minus {}; wer es repariert, vertauscht sie.</translation>
    </message>
    <message>
        <source>{}: pressing {} joins its supply with its ground.</source>
        <translation>{}: {} zu drücken verbindet seine Versorgung mit seiner Masse.</translation>
    </message>
    <message>
        <source>{}: pulled {} a day, its plug is worn after {} days.</source>
        <translation>{}: {} am Tag gezogen ist sein Stecker nach {} Tagen verbraucht.</translation>
    </message>
    <message>
        <source>{}: screwed into its bracket; shaken by hand it stays.</source>
        <translation>{}: in den Halter geschraubt; von Hand geschüttelt bleibt er.</translation>
    </message>
    <message>
        <source>{}: sealant round each wire and between them, from both sides; a day to cure.</source>
        <translation>{}: Dichtmasse um jeden Draht und dazwischen, von beiden Seiten; einen Tag aushärten.</translation>
    </message>
    <message>
        <source>{}: step drill or hole saw</source>
        <translation>{}: Stufenbohrer oder Lochsäge</translation>
    </message>
    <message>
        <source>{}: the bar of the {} carries {}, and {} are let through to it.</source>
        <translation>{}: Die Schiene von {} trägt {}, und {} werden zu ihr durchgelassen.</translation>
    </message>
    <message>
        <source>{}: the catalogue holds no connector “{}”.</source>
        <translation>{}: der Katalog hat keinen Stecker „{}“.</translation>
    </message>
    <message>
        <source>{}: the catalogue holds no part “{}”.</source>
        <translation>{}: der Katalog hat kein Teil „{}“.</translation>
    </message>
    <message>
        <source>{}: the fuse breaks {}; a short draws {}.</source>
        <translation>{}: die Sicherung trennt {}; ein Kurzschluss zieht {}.</translation>
    </message>
    <message>
        <source>{}: the fuse of its circuit is not given; look in the fuse box.</source>
        <translation>{}: an welcher Sicherung es hängt, ist nicht gesagt; sieh im Sicherungskasten nach.</translation>
    </message>
    <message>
        <source>{}: the insulation wings of a {} suit {} to {}; the insulation here is {}.</source>
        <translation>{}: die hinteren Flügel eines {} schließen um {} bis {} Isolierung; hier sind es {}.</translation>
    </message>
    <message>
        <source>{}: the supplied lead is {} long, {} needed.</source>
        <translation>{}: Die mitgelieferte Leitung ist {} lang, nötig sind {}.</translation>
    </message>
    <message>
        <source>{}: the {}</source>
        <translation>{}: {}</translation>
    </message>
    <message>
        <source>{}: the {} core joins {} with {}.</source>
        <translation>{}: die Ader {} verbindet {} mit {}.</translation>
    </message>
    <message>
        <source>{}: the {} fuse does not protect the {}.</source>
        <translation>{}: die Sicherung {} schützt {} nicht.</translation>
    </message>
    <message>
        <source>{}: the {} fuse does not protect {}.</source>
        <translation>{}: die Sicherung {} schützt {} nicht.</translation>
    </message>
    <message>
        <source>{}: the {} fuse lets {} reach {} before it opens in {}.</source>
        <translation>{}: die Sicherung {} lässt {} auf {} kommen, ehe sie nach {} öffnet.</translation>
    </message>
    <message>
        <source>{}: the {} fuse will open in normal use.</source>
        <translation>{}: die Sicherung {} wird im normalen Betrieb öffnen.</translation>
    </message>
    <message>
        <source>{}: the {} takes no {}.</source>
        <translation>{}: {} nimmt keine {}.</translation>
    </message>
    <message>
        <source>{}: there is no terminal “{}” for it.</source>
        <translation>{}: eine Klemme „{}“ gibt es dort nicht.</translation>
    </message>
    <message>
        <source>{}: this is {}, not a file</source>
        <translation>{}: das ist {}, keine Datei</translation>
    </message>
    <message>
        <source>{}: to {}.</source>
        <translation>{}: an {}.</translation>
    </message>
    <message>
        <source>{}: which fuse block it is, is not said.</source>
        <translation>{}: Welcher Sicherungsblock es ist, ist nicht gesagt.</translation>
    </message>
    <message>
        <source>{}: wires by {}, fuses {}.</source>
        <translation>{}: Leitungen nach {}, Sicherungen {}.</translation>
    </message>
    <message>
        <source>{}: with one of {} conductors broken the others carry {}; {} is drawn.</source>
        <translation>{}: ist einer von {} Leitern gebrochen, tragen die anderen {}, verlangt werden {}.</translation>
    </message>
    <message>
        <source>{}: {}</source>
        <translation>{}: {}</translation>
    </message>
    <message>
        <source>{}: {} ({} typical, {} peak; derated {}).</source>
        <translation>{}: {} ({} üblich, {} Spitze; zugetraut werden {}).</translation>
    </message>
    <message>
        <source>{}: {} a day, down to {}, runs {}.</source>
        <translation>{}: {} am Tag, hinab auf {}, läuft {}.</translation>
    </message>
    <message>
        <source>{}: {} a day.</source>
        <translation>{}: {} am Tag.</translation>
    </message>
    <message>
        <source>{}: {} at {} is too hot for its {}, which is rated for {}.</source>
        <translation>{}: {} ist mit {} zu warm für {}, das {} verträgt.</translation>
    </message>
    <message>
        <source>{}: {} branches on one another; one pigtail would hold all of them.</source>
        <translation>{}: {} Abzweige aufeinander; ein Sammelspleiß würde alle fassen.</translation>
    </message>
    <message>
        <source>{}: {} carries {}; the {} fuse {} it lets more through.</source>
        <translation>{}: {} trägt {}; die Sicherung {} {} lässt mehr durch.</translation>
    </message>
    <message>
        <source>{}: {} carries {}; {} is drawn (peak {}).</source>
        <translation>{}: {} trägt {}, verlangt {} (Spitze {}).</translation>
    </message>
    <message>
        <source>{}: {} continuously, {} peak</source>
        <translation>{}: {} dauernd, {} Spitze</translation>
    </message>
    <message>
        <source>{}: {} cores are {}.</source>
        <translation>{}: {} Adern sind {}.</translation>
    </message>
    <message>
        <source>{}: {} from end to end</source>
        <translation>{}: {} von Ende zu Ende</translation>
    </message>
    <message>
        <source>{}: {} is a {}, and the joint there is a {}.</source>
        <translation>{}: {} ist ein {}, und die Verbindung dort ist {}.</translation>
    </message>
    <message>
        <source>{}: {} is out</source>
        <translation>{}: {} ist heraus</translation>
    </message>
    <message>
        <source>{}: {} is rated for {}, gets {}.</source>
        <translation>{}: {} ist für {} ausgelegt, bekommt {}.</translation>
    </message>
    <message>
        <source>{}: {} is rated for {}; {} is drawn.</source>
        <translation>{}: {} ist für {} ausgelegt, verlangt werden {}.</translation>
    </message>
    <message>
        <source>{}: {} is too {} for {}.</source>
        <translation>{}: {} ist zu {} für {}.</translation>
    </message>
    <message>
        <source>{}: {} is {} wide and its copper {}.</source>
        <translation>{}: {} ist {} weit, und sein Kupfer {}.</translation>
    </message>
    <message>
        <source>{}: {} leads leave a block of {} ways.</source>
        <translation>{}: {} Leitungen gehen von einem Block mit {} Plätzen ab.</translation>
    </message>
    <message>
        <source>{}: {} leaves the block, and not through a fuse in one of its ways.</source>
        <translation>{}: {} geht vom Block ab, und nicht durch eine Sicherung in einem seiner Plätze.</translation>
    </message>
    <message>
        <source>{}: {} matings. Worn contacts heat up and weld.</source>
        <translation>{}: {} Steckungen. Abgenutzte Kontakte werden warm und verschweißen.</translation>
    </message>
    <message>
        <source>{}: {} of air + {} = {}: {} now.</source>
        <translation>{}: {} Luft + {} = {}: jetzt {}.</translation>
    </message>
    <message>
        <source>{}: {} of copper meet in one joint, and a {} takes {} to {}.</source>
        <translation>{}: {} Kupfer treffen sich in einer Verbindung, und eine {} nimmt {} bis {}.</translation>
    </message>
    <message>
        <source>{}: {} of copper{}.</source>
        <translation>{}: {} Kupfer{}.</translation>
    </message>
    <message>
        <source>{}: {} of its {} ways are used.</source>
        <translation>{}: {} seiner {} Plätze sind belegt.</translation>
    </message>
    <message>
        <source>{}: {} of wire lie before its fuse.</source>
        <translation>{}: {} Leitung liegen vor der Sicherung.</translation>
    </message>
    <message>
        <source>{}: {} on a poor day, {} on a good one, against {} used.</source>
        <translation>{}: {} an einem schlechten Tag, {} an einem guten, gegen {} Verbrauch.</translation>
    </message>
    <message>
        <source>{}: {} on the charger, nothing out of the pack</source>
        <translation>{}: {} am Ladegerät, nichts aus dem Akku</translation>
    </message>
    <message>
        <source>{}: {} reaches {} past the {} at {}; {} is rated for {}.</source>
        <translation>{}: {} erreicht {}, vorbei an: {} bei {}; {} verträgt {}.</translation>
    </message>
    <message>
        <source>{}: {} reaches {}; {} is rated for {}.</source>
        <translation>{}: {} erreicht {}; {} verträgt {}.</translation>
    </message>
    <message>
        <source>{}: {} saturates at {}; the peak is {}.</source>
        <translation>{}: {} sättigt bei {}; die Spitze ist {}.</translation>
    </message>
    <message>
        <source>{}: {} steps</source>
        <translation>{}: {} Schritte</translation>
    </message>
    <message>
        <source>{}: {} taken as a battery's, {} – {}; its menu in Loads has the other way.</source>
        <translation>{}: {} als die eines Akkus genommen, {} – {}; sein Menü unter Verbraucher hat die andere Art.</translation>
    </message>
    <message>
        <source>{}: {} unused {} not cut back.</source>
        <translation>{}: {} unbenutzte {} nicht zurückgeschnitten.</translation>
    </message>
    <message>
        <source>{}: {} {} {} {}; {} is drawn.</source>
        <translation>{}: {} {} {} {}; verlangt werden {}.</translation>
    </message>
    <message>
        <source>{}: {} × {} on average = {}</source>
        <translation>{}: {} × {} im Mittel = {}</translation>
    </message>
    <message>
        <source>{}: {}, for the {}</source>
        <translation>{}: {}, für die {}</translation>
    </message>
    <message>
        <source>{}: {}.</source>
        <translation>{}: {}.</translation>
    </message>
    <message>
        <source>{}: {}: no field of a plan is called so</source>
        <translation>{}: {}: kein Feld eines Plans heißt so</translation>
    </message>
    <message>
        <source>{}: {}: {}; the file there is as it was</source>
        <translation>{}: {}: {}; die Datei dort ist, wie sie war</translation>
    </message>
    <message>
        <source>{}: {}: {}; {}</source>
        <translation>{}: {}: {}; {}</translation>
    </message>
    <message>
        <source>{}: “{}” is not known</source>
        <translation>{}: „{}“ ist nicht bekannt</translation>
    </message>
    <message>
        <source>{}; a lug of the bolts' size on both ends, tube over their barrels.</source>
        <translation>{}; an beide Enden ein Kabelschuh in der Größe der Bolzen, Schlauch über die Hülsen.</translation>
    </message>
    <message>
        <source>{}; a lug on each of its studs, the side marked LINE or BAT towards the source.</source>
        <translation>{}; ein Kabelschuh auf jeden Bolzen, die Seite LINE oder BAT zur Quelle.</translation>
    </message>
    <message>
        <source>{}; bunching IEC 60364-5-52</source>
        <translation>{}; Häufung IEC 60364-5-52</translation>
    </message>
    <message>
        <source>{}; heat balance after Churchill &amp; Chu 1975; bunching IEC 60364-5-52</source>
        <translation>{}; Wärmebilanz nach Churchill &amp; Chu 1975; Häufung IEC 60364-5-52</translation>
    </message>
    <message>
        <source>{}; hollow: there already</source>
        <translation>{}; hohl: schon da</translation>
    </message>
    <message>
        <source>{}; nothing was written</source>
        <translation>{}; nichts wurde geschrieben</translation>
    </message>
    <message>
        <source>{}; or add a module that does to Parts</source>
        <translation>{}; oder einen Wandler, der es kann, bei den Teilen eintragen</translation>
    </message>
    <message>
        <source>{}; the lightest pack that serves weighs {}: no plan is lighter by more than {}.</source>
        <translation>{}; der leichteste Akku, der genügt, wiegt {}: kein Plan ist um mehr als {} leichter.</translation>
    </message>
    <message>
        <source>{}; {} {} to do.</source>
        <translation>{}; {} {} zu tun.</translation>
    </message>
    <message>
        <source>{}; {} {} to take.</source>
        <translation>{}; {} {} zu nehmen.</translation>
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
        <source>{}sable capacity at {}: {}; empty at {}.</source>
        <translation>{}nutzbare Kapazität bei {}: {}; leer bei {}.</translation>
    </message>
    <message>
        <source>{}{} points</source>
        <translation>{}{} Punkte</translation>
    </message>
    <message>
        <source>{}{}{} off</source>
        <translation>{}{}{} aus</translation>
    </message>
    <message>
        <source>½ × {} × ({})² = {} J in the capacitors, and as much in the spark and the wires.</source>
        <translation>½ × {} × ({})² = {} J in den Kondensatoren und ebenso viel in Funke und Leitungen.</translation>
    </message>
    <message>
        <source>× %1 is too high.</source>
        <translation>× %1 ist zu hoch.</translation>
    </message>
    <message>
        <source>× %1 is too low.</source>
        <translation>× %1 ist zu niedrig.</translation>
    </message>
    <message>
        <source>× 1.1 to pull it through and for the grommet: {}</source>
        <translation>× 1,1 zum Durchziehen und für die Tülle: {}</translation>
    </message>
    <message>
        <source>—</source>
        <translation>—</translation>
    </message>
    <message>
        <source>“%1” has unsaved work, and it cannot be kept for the next start.</source>
        <translation>„%1“ hat ungesicherte Arbeit, die nicht bis zum nächsten Start aufbewahrt werden kann.</translation>
    </message>
    <message>
        <source>“%1” in the whole plan, and from now on</source>
        <translation>„%1“ im ganzen Plan, und von jetzt an</translation>
    </message>
    <message>
        <source>“%1” is kept: it stands under + Step of your own in every plan.</source>
        <translation>„%1“ ist behalten: Er steht unter + Eigener Schritt in jedem Plan.</translation>
    </message>
    <message>
        <source>“%1” lies in the trash.</source>
        <translation>„%1“ liegt im Papierkorb.</translation>
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
        <source>“{0}” could be {0} % or {1} %: type it with the sign.</source>
        <translation>„{0}“ könnte {0} % oder {1} % sein: tippe es mit dem Zeichen.</translation>
    </message>
    <message>
        <source>“{0}” could be {1} {3} or {2} {3}: write {1}0 or {2} without a mark.</source>
        <translation>„{0}“ könnte {1} {3} oder {2} {3} sein: schreib {1}0 oder {2} ohne Zeichen.</translation>
    </message>
    <message>
        <source>“{}” begins no line; is “{}” meant?</source>
        <translation>mit „{}“ beginnt keine Zeile; ist „{}“ gemeint?</translation>
    </message>
    <message>
        <source>“{}” begins no line; lines begin with {}</source>
        <translation>„{}“ beginnt keine Zeile; Zeilen beginnen mit {}</translation>
    </message>
    <message>
        <source>“{}” belongs beneath {}</source>
        <translation>„{}“ gehört unter {}</translation>
    </message>
    <message>
        <source>“{}” could be {} or {}: write one of them, without a mark for thousands.</source>
        <translation>„{}“ könnte {} oder {} sein: schreib eines davon, ohne Tausenderzeichen.</translation>
    </message>
    <message>
        <source>“{}” does not belong there</source>
        <translation>„{}“ gehört dort nicht hin</translation>
    </message>
    <message>
        <source>“{}” feeds itself</source>
        <translation>„{}“ speist sich selbst</translation>
    </message>
    <message>
        <source>“{}” has no unit, and “{}” is none; {}.</source>
        <translation>„{}“ hat keine Einheit, und „{}“ ist keine; {}.</translation>
    </message>
    <message>
        <source>“{}” has no unit; type V, A, W or s after it.</source>
        <translation>„{}“ hat keine Einheit; tippe V, A, W oder s dahinter.</translation>
    </message>
    <message>
        <source>“{}” has two decimal marks.</source>
        <translation>„{}“ hat zwei Dezimalzeichen.</translation>
    </message>
    <message>
        <source>“{}” is inside itself</source>
        <translation>„{}“ ist in sich selbst</translation>
    </message>
    <message>
        <source>“{}” is meant</source>
        <translation>Gemeint ist „{}“</translation>
    </message>
    <message>
        <source>“{}” is missing</source>
        <translation>„{}“ fehlt</translation>
    </message>
    <message>
        <source>“{}” is missing{}</source>
        <translation>„{}“ fehlt{}</translation>
    </message>
    <message>
        <source>“{}” is no chemistry; {} are known</source>
        <translation>„{}“ ist keine Chemie; bekannt sind {}</translation>
    </message>
    <message>
        <source>“{}” is no colour of wire; {} are</source>
        <translation>„{}“ ist keine Drahtfarbe; bekannt sind {}</translation>
    </message>
    <message>
        <source>“{}” is no day: one such as 2026-12-05 is expected</source>
        <translation>„{}“ ist kein Tag: einer wie 2026-12-05 wird erwartet</translation>
    </message>
    <message>
        <source>“{}” is no unit of a load; {}.</source>
        <translation>„{}“ ist keine Einheit eines Verbrauchers; {}.</translation>
    </message>
    <message>
        <source>“{}” is none of {}</source>
        <translation>„{}“ ist keines von {}</translation>
    </message>
    <message>
        <source>“{}” is not a number that can be read in one way</source>
        <translation>„{}“ ist keine Zahl, die sich auf eine Art lesen lässt</translation>
    </message>
    <message>
        <source>“{}” is not a number; type {}.</source>
        <translation>„{}“ ist keine Zahl; tippe {}.</translation>
    </message>
    <message>
        <source>“{}” is not a number{}.</source>
        <translation>„{}“ ist keine Zahl{}.</translation>
    </message>
    <message>
        <source>“{}” is not a unit known here; type {}.</source>
        <translation>„{}“ ist keine hier bekannte Einheit; tippe {}.</translation>
    </message>
    <message>
        <source>“{}” is not a whole number</source>
        <translation>„{}“ ist keine ganze Zahl</translation>
    </message>
    <message>
        <source>“{}” is not known here</source>
        <translation>„{}“ ist hier nicht bekannt</translation>
    </message>
    <message>
        <source>“{}” is not said of such a {}</source>
        <translation>„{}“ wird von solchem nicht gesagt: {}</translation>
    </message>
    <message>
        <source>“{}” is not understood behind “{}”.</source>
        <translation>„{}“ wird hinter „{}“ nicht verstanden.</translation>
    </message>
    <message>
        <source>“{}” is not understood here.</source>
        <translation>„{}“ wird hier nicht verstanden.</translation>
    </message>
    <message>
        <source>“{}” is not understood; an area is expected, such as 40 cm²</source>
        <translation>„{}“ wird nicht verstanden; eine Fläche wird erwartet, etwa 40 cm²</translation>
    </message>
    <message>
        <source>“{}” is not understood; cubic metres an hour are expected, such as 20 m³/h</source>
        <translation>„{}“ wird nicht verstanden; Kubikmeter je Stunde werden erwartet, etwa 20 m³/h</translation>
    </message>
    <message>
        <source>“{}” is not understood; kelvin are expected, such as 25 K</source>
        <translation>„{}“ wird nicht verstanden; Kelvin werden erwartet, etwa 25 K</translation>
    </message>
    <message>
        <source>“{}” is not understood; noisy, sensitive, vital, always on, switched, motor, LED, starter, igniter, heat elsewhere, assumed, regulated, transmitter, idle, peak, start and bridge are.</source>
        <translation>„{}“ wird nicht verstanden; noisy, sensitive, vital, always on, switched, motor, LED, starter, igniter, heat elsewhere, assumed, regulated, transmitter, idle, peak, start und bridge schon.</translation>
    </message>
    <message>
        <source>“{}” is not understood; of a {} can be said: {}</source>
        <translation>„{}“ wird nicht verstanden; von {} lässt sich sagen: {}</translation>
    </message>
    <message>
        <source>“{}” is not understood; volts, amperes and “already 2 A” are</source>
        <translation>„{}“ wird nicht verstanden; verstanden werden Volt, Ampere und „already 2 A“</translation>
    </message>
    <message>
        <source>“{}” is not understood; volts, “15 A fuse”, “already 2 A”, “1.5 mm²”, “2.5 m”, “with the key” or “always” are</source>
        <translation>„{}“ wird nicht verstanden; verstanden werden Volt, „15 A fuse“, „already 2 A“, „1.5 mm²“, „2.5 m“, „with the key“ oder „always“</translation>
    </message>
    <message>
        <source>“{}” is not understood; watts, hours of sun and volts are</source>
        <translation>„{}“ wird nicht verstanden; verstanden werden Watt, Sonnenstunden und Volt</translation>
    </message>
    <message>
        <source>“{}” is outside {} to {}</source>
        <translation>„{}“ liegt außerhalb von {} bis {}</translation>
    </message>
    <message>
        <source>“{}” is said twice</source>
        <translation>„{}“ ist zweimal gesagt</translation>
    </message>
    <message>
        <source>“{}” is to come after “{}”, and there is no such step.</source>
        <translation>„{}“ soll nach „{}“ kommen, und diesen Schritt gibt es nicht.</translation>
    </message>
    <message>
        <source>“{}” is to come before “{}”, and there is no such step.</source>
        <translation>„{}“ soll vor „{}“ kommen, und diesen Schritt gibt es nicht.</translation>
    </message>
    <message>
        <source>“{}” is under itself</source>
        <translation>„{}“ liegt unter sich selbst</translation>
    </message>
    <message>
        <source>“{}” is used twice</source>
        <translation>„{}“ ist zweimal verwendet</translation>
    </message>
    <message>
        <source>“{}” looks like a range, and one value is wanted here: type {}. To subtract, put a space on both sides of the minus.</source>
        <translation>„{}“ sieht wie ein Bereich aus, und hier wird ein Wert gewünscht: tippe {}. Zum Abziehen setze Leerzeichen auf beide Seiten des Minus.</translation>
    </message>
    <message>
        <source>“{}” reads as a range whose ends are of two kinds: leave out what joins them.</source>
        <translation>„{}“ liest sich als Bereich, dessen Enden zweierlei sind: lass weg, was sie verbindet.</translation>
    </message>
    <message>
        <source>“{}” shares its return with itself</source>
        <translation>„{}“ teilt die Rückleitung mit sich selbst</translation>
    </message>
    <message>
        <source>“{}” stands under no heading.</source>
        <translation>„{}“ steht unter keiner Überschrift.</translation>
    </message>
    <message>
        <source>“{}” under “{}” has no unit: write {} {}, or head the column {} ({}).</source>
        <translation>„{}“ unter „{}“ hat keine Einheit: {} {} schreiben oder die Spalte mit {} ({}) überschreiben.</translation>
    </message>
    <message>
        <source>“{}”: a count from 1 to 500, x, and a diameter above 0 are expected, such as 3x2.1mm</source>
        <translation>„{}“: eine Anzahl von 1 bis 500, x und ein Durchmesser über 0 werden erwartet, etwa 3x2.1mm</translation>
    </message>
    <message>
        <source>“{}”: only currents and powers add up.</source>
        <translation>„{}“: nur Ströme und Leistungen lassen sich zusammenzählen.</translation>
    </message>
    <message>
        <source>−40 to 400 °C is expected.</source>
        <translation>−40 bis 400 °C werden erwartet.</translation>
    </message>
    <message>
        <source>✓ %1 is inside its window.</source>
        <translation>✓ %1 liegt im Fenster.</translation>
    </message>
    <message>
        <source>✓ All %1 tried, the best bettered in %2 more: no step helps them further.</source>
        <translation>✓ Alle %1 versucht, die besten in %2 weiteren verbessert: kein Schritt hilft ihnen weiter.</translation>
    </message>
    <message>
        <source>✓ New plans begin so.</source>
        <translation>✓ Neue Pläne beginnen so.</translation>
    </message>
    <message>
        <source>✓ Nothing found</source>
        <translation>✓ Nichts gefunden</translation>
    </message>
</context>
</TS>
