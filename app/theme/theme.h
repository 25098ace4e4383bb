#pragma once
// Colours, type and measures. Warm paper and ink, one accent; heat is ochre.
#include <QColor>
#include <QFont>
#include <QString>

namespace sangre::app {

struct Theme {
    QColor paper, card, sunken, ink, muted, line, accent, accent_ink, accent_soft, flow, flow_soft, cool,
        heat, heat_soft, good, caution, danger, meter, meter_ink;
};

enum class Appearance { light, dark };

const Theme& theme();
Appearance appearance();
void set_appearance(Appearance wanted);

/// How the desktop looks, and how much larger than usual its letters are, in quarters: as they were before
/// anything was set here. The first call comes before apply_theme().
Appearance system_appearance();
double system_text_scale();

/// Text size factor, 1 to 2; every measure follows it.
double text_scale();
void set_text_scale(double scale);
/// A length in pixels at this text size.
int u(double pixels);

QFont face(double pixels = 14, bool bold = false);
/// Keeps installed fonts of the same name from standing in for the ones that ship; call before QApplication
/// is made.
void prepare_fonts();
/// Loads the fonts that ship with the application; once.
void load_fonts();
/// Loads the fonts and applies palette and style sheet.
void apply_theme();
/// Makes ready what every page draws with, while the plan is still being read.
void warm_up();

/// The colour a wire's insulation is drawn in, by its colour's name; ink for a name not known.
QColor wire_colour(const QString& name);

}  // namespace sangre::app
