#pragma once
// What a cable that carries signals speaks.
#include <array>
#include <string_view>
#include <utility>

#include "base/words/say.h"

namespace sangre {

enum class SignalKind {
    unsaid,
    i2c,
    spi,
    serial,
    one_wire,
    can,
    usb2,
    usb3,
    ethernet,
    servo,
    lamps,
    ribbon_camera,
    analogue_video,
    digital_video,
    audio,
    sensor
};
constexpr auto names(SignalKind) {
    return std::to_array<std::pair<SignalKind, std::string_view>>(
        {{SignalKind::unsaid, "unsaid"},
         {SignalKind::i2c, "i2c"},
         {SignalKind::spi, "spi"},
         {SignalKind::serial, "serial"},
         {SignalKind::one_wire, "one-wire"},
         {SignalKind::can, "can"},
         {SignalKind::usb2, "usb2"},
         {SignalKind::usb3, "usb3"},
         {SignalKind::ethernet, "ethernet"},
         {SignalKind::servo, "servo-pulse"},
         {SignalKind::lamps, "lamp-data"},
         {SignalKind::ribbon_camera, "camera-ribbon"},
         {SignalKind::analogue_video, "analogue-video"},
         {SignalKind::digital_video, "digital-video"},
         {SignalKind::audio, "audio"},
         {SignalKind::sensor, "sensor"}});
}

}  // namespace sangre
