#pragma once
// Prints quantities the way a builder reads them: three figures, a fitting prefix, a space before the unit.
#include <string>

#include "base/units/quantity.h"
#include "base/words/words.h"

namespace sangre {

/// "1 day", "2.5 days".
Words days_words(double days);

/// The second where the reader wants sizes of wire in AWG and in mm², else the first.
Words where_both_sizes(const Words& as_sold, const Words& both);

/// A number with `digits` significant figures, without an exponent and without trailing zeros after the
/// fourth.
Words format_number(double value, int digits = 3);

Words format(Volt v);              ///< "12.2 V", "108 mV"
Words format(Ampere i);            ///< "4.60 A", "80 mA"
Words format(Ohm r);               ///< "108 mΩ", "38 kΩ"
Words format(Watt p);              ///< "55 W", "120 mW"
Words format(Metre l);             ///< "0.90 m"; below 10 cm in millimetres, "34 mm"
Words format(Millimetre l);        ///< "3.2 mm"
Words format(SquareMillimetre a);  ///< "1.5 mm²"
Words format(Second t);            ///< "3 h 30 min", "4.8 s", "90 ms"
Words format(AmpereHour q);        ///< "30 Ah"
Words format(WattHour e);          ///< "331 Wh"
Words format(Celsius t);           ///< "164 °C"
Words format(Gram m);              ///< "38 g", "3.1 kg"
Words format(Hertz f);             ///< "200 kHz"
Words format(Farad c);             ///< "470 µF"
/// Two printed values as a range, a unit that both share said once: "11.9 – 12.5 V", "900 Ω – 1.1 kΩ".
Words format_range(const Words& low, const Words& high);
/// A fraction as a percentage: 0.059 gives "5.9 %".
Words format_percent(double fraction);

}  // namespace sangre
