#include "plan/signal_limits.h"

#include "base/words/say.h"

namespace sangre {

const std::vector<SignalLimits>& signal_limits() {
    static const std::vector<SignalLimits> limits{
        {SignalKind::unsaid, to_say("signal"), Metre(0), Volt(0), Ohm(1000), false, "", ""},
        {SignalKind::i2c, to_say("I²C bus"), Metre(1), Volt(0.3), Ohm(2000), false,
         to_say("bus specification: 400 pF in all, some 100 pF a metre with the devices on it; typical"),
         to_say("slow its clock, stronger pull-ups, or a bus extender at both ends")},
        {SignalKind::spi, to_say("SPI bus"), Metre(0.3), Volt(0.4), Ohm(50), false,
         to_say("typical at 1 – 10 MHz"),
         to_say("slow its clock, a resistor of 33 Ω in series at the sender")},
        {SignalKind::serial, to_say("serial line"), Metre(3), Volt(0.8), Ohm(100), false,
         to_say("typical at logic level"), to_say("drivers for a differential pair, or fewer bits a second")},
        {SignalKind::one_wire, to_say("one-wire bus"), Metre(30), Volt(0.8), Ohm(2000), false,
         to_say("typical of a line without branches"), to_say("an active pull-up, no branches")},
        {SignalKind::can, to_say("CAN bus"), Metre(40), Volt(0.5), Ohm(60), true,
         to_say("ISO 11898-2 at 1 Mbit/s; threshold of a receiver"),
         to_say("fewer bits a second: 100 m at 500 kbit/s")},
        {SignalKind::usb2, to_say("USB 2 cable"), Metre(5), Volt(0.15), Ohm(45), true,
         to_say("cable delay of the standard"), to_say("a hub or an active cable between")},
        {SignalKind::usb3, to_say("USB 3 cable"), Metre(3), Volt(0.1), Ohm(45), true,
         to_say("loss budget, typical"), to_say("an active cable")},
        {SignalKind::ethernet, to_say("Ethernet pair"), Metre(100), Volt(0.2), Ohm(50), true,
         to_say("IEEE 802.3"), to_say("a switch between")},
        {SignalKind::servo, to_say("servo pulse"), Metre(1.5), Volt(0.6), Ohm(300), false,
         to_say("typical without a buffer"), to_say("twist it, or a buffer at the sender")},
        {SignalKind::lamps, to_say("lamp data line"), Metre(2), Volt(0.7), Ohm(100), false,
         to_say("typical to the first lamp"), to_say("a buffer of 5 V at the sender and 330 Ω in series")},
        {SignalKind::ribbon_camera, to_say("camera ribbon"), Metre(0.5), Volt(0.07), Ohm(50), true,
         to_say("typical of flat cable at 1 Gbit/s a pair"), to_say("a pair of extender boards")},
        {SignalKind::analogue_video, to_say("analogue video"), Metre(15), Volt(0.005), Ohm(37), false,
         to_say("typical; 5 mV of 1 V is seen as bars"), to_say("coax, and its shield to ground at one end")},
        {SignalKind::digital_video, to_say("digital video cable"), Metre(5), Volt(0.1), Ohm(50), true,
         to_say("passive cable, typical"), to_say("an active cable")},
        {SignalKind::audio, to_say("audio line"), Metre(5), Volt(0.001), Ohm(1000), false,
         to_say("typical; 1 mV is 60 dB under 1 V"), to_say("a balanced line")},
        {SignalKind::sensor, to_say("sensor line"), Metre(3), Volt(0.005), Ohm(2000), false,
         to_say("typical: one step of ten bits of 5 V"), to_say("convert at the sensor and send figures")},
    };
    return limits;
}

const SignalLimits& limits_of(SignalKind kind) { return signal_limits()[static_cast<size_t>(kind)]; }

}  // namespace sangre
