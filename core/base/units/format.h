#pragma once
// Prints quantities the way a builder reads them: three figures, a fitting prefix, a space before the unit.
#include <string>

#include "units/quantity.h"

namespace sangre {

/// "1 day", "2.5 days".
std::string days_words(double days);

/// How numbers look on screen and on paper; files hold them by exact_number() and are the same everywhere.
struct alignas(4) Presentation {  // one word, so that it is read and set whole
    char decimal = '.';           ///< or ','
    bool inches = false;          ///< lengths in inches and feet
    bool both_sizes = false;      ///< sizes of wire in AWG and in mm², not only as they are sold
    bool operator==(const Presentation&) const = default;
};
/// For the whole process, as the builder has set it.
void set_presentation(Presentation wanted);
Presentation presentation();

/// A number with `digits` significant figures, without an exponent and without trailing zeros after the
/// fourth.
std::string format_number(double value, int digits = 3);

std::string format(Volt v);              ///< "12.2 V", "108 mV"
std::string format(Ampere i);            ///< "4.60 A", "80 mA"
std::string format(Ohm r);               ///< "108 mΩ", "38 kΩ"
std::string format(Watt p);              ///< "55 W", "120 mW"
std::string format(Metre l);             ///< "0.90 m"; below 10 cm in millimetres, "34 mm"
std::string format(Millimetre l);        ///< "3.2 mm"
std::string format(SquareMillimetre a);  ///< "1.5 mm²"
std::string format(Second t);            ///< "3 h 30 min", "4.8 s", "90 ms"
std::string format(AmpereHour q);        ///< "30 Ah"
std::string format(WattHour e);          ///< "331 Wh"
std::string format(Celsius t);           ///< "164 °C"
std::string format(Gram m);              ///< "38 g", "3.1 kg"
std::string format(Hertz f);             ///< "200 kHz"
std::string format(Farad c);             ///< "470 µF"
/// Two printed values as a range, a unit that both share said once: "11.9 – 12.5 V", "900 Ω – 1.1 kΩ".
std::string format_range(const std::string& low, const std::string& high);
/// A fraction as a percentage: 0.059 gives "5.9 %".
std::string format_percent(double fraction);

}  // namespace sangre
