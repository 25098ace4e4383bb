#pragma once
// A drawing that computes: painted by its owner, with spots that can be hovered, clicked and walked by
// keyboard, and numbers that are edit fields where they stand.
#include <QHash>
#include <QLabel>
#include <QLineEdit>
#include <QPagedPaintDevice>
#include <QPainter>
#include <QPixmap>
#include <QWidget>
#include <functional>

#include "base/units/parse.h"
#include "theme/theme.h"

namespace sangre::app {

/// What is said of a place when the pointer rests there: words, or what makes them once they are asked for.
class Tip {
  public:
    Tip(const QString& words = {}) : words_(words) {}  // NOLINT: a string is a tip
    template <class Make>
    requires std::is_invocable_r_v<QString, Make> Tip(Make make)
        : make_(std::move(make)) {}  // NOLINT: so is what makes one
    QString words() const { return make_ ? make_() : words_; }

  private:
    QString words_;
    std::function<QString()> make_;
};

/// A place in a drawing that answers.
struct Spot {
    QRectF area;
    QString key;  ///< stable: keeps keyboard focus across repaints
    Tip tip;
    std::function<void()> activate;   ///< click, Enter or Space
    std::function<void()> secondary;  ///< right click, or the Menu key
    Qt::CursorShape cursor = Qt::PointingHandCursor;
    bool focusable = true;
    QString name = {};   ///< read aloud; empty: the first line of its tip
    QString value = {};  ///< the number or choice that it holds, where its name does not say it
    QString how = {};    ///< what the mouse does with it; in the tip alone, read aloud nowhere
    std::optional<bool> selected = {}, checked = {}, expanded = {};  ///< absent: it cannot be
    /// What its tip adds to its name.
    QString said_more() const;
    QString said_name() const { return name.isEmpty() ? tip.words().section(QLatin1Char('\n'), 0, 0) : name; }
};

class Canvas : public QWidget {
    Q_OBJECT
  public:
    explicit Canvas(const QString& accessible_name, QWidget* parent = nullptr);

    /// Opens an edit field over `area`; `commit` gets the text and returns an error to show, or nothing.
    void edit_at(const QRectF& area, const QString& text, std::function<QString(const QString&)> commit);
    /// The same for a quantity: what is typed is read as `dimension`, and what was understood is echoed.
    void edit_value_at(const QRectF& area, const QString& text, Dimension dimension, const QString& unit,
                       std::function<QString(double)> commit);
    QLineEdit* editor() const { return editor_; }
    void close_editor();
    /// As tall as its size hint now wants, and painted anew: for what grows with the plan.
    void fit_height();
    const std::vector<Spot>& spots() const { return spots_; }
    /// The spot of that key, until the next painting; null when there is none.
    const Spot* spot(const QString& key) const;
    /// That at a point of the widget.
    const Spot* spot_under(QPointF at) const { return spot_at(at); }
    /// Centre of the spot of that key; null point when there is none. For tests and for keyboard menus.
    QPoint spot_centre(const QString& key) const;
    /// Draws it into a file of its own size: .svg, .pdf or .png (twice as fine). Returns what went wrong, or
    /// nothing.
    QString export_picture(const QString& file);
    /// Draws it onto a sheet of paper, as large as it goes; false where nothing can be drawn there.
    bool print_on(QPagedPaintDevice& paper);
    /// Words as they are drawn: where, in pixels of the widget, and whether all of them.
    struct Drawn {
        QString words;
        QRectF area;
        bool cut = false;
    };
    /// All of them, drawn once more for it.
    std::vector<Drawn> drawn_words();
    /// Draws it larger or smaller; spots and edit fields follow. Held to 0.5 – 2.5.
    void set_zoom(double zoom);
    double zoom() const { return zoom_; }
    void focus_spot(const QString& key);
    QString focused_spot() const { return focused_; }

  protected:
    /// In units of the drawing: what the widget measures, over the zoom.
    virtual void paint(QPainter& p) = 0;
    /// What it is drawn on: covers the whole widget, so that nothing behind it needs painting.
    virtual QColor ground() const { return theme().paper; }
    double paint_width() const { return width() / zoom_; }
    double paint_height() const { return height() / zoom_; }
    QPointF in_drawing(QPointF at) const { return at / zoom_; }
    Spot& add_spot(Spot spot) { return spots_.emplace_back(std::move(spot)); }
    const Spot* spot_at(QPointF at) const;
    /// Draws text on one line; where it is too long in smaller letters, on two lines where the area holds
    /// them, and cut with an ellipsis where it must be: then the whole text is the spot's tip.
    static void text(QPainter& p, const QRectF& area, const QString& words, const QColor& colour,
                     const QFont& f, int align = Qt::AlignLeft | Qt::AlignVCenter);
    /// The same over as many lines as the area holds, from its top.
    static void paragraph(QPainter& p, const QRectF& area, const QString& words, const QColor& colour,
                          const QFont& f);
    static double text_width(const QString& words, const QFont& f);
    static void card(QPainter& p, const QRectF& area, bool selected = false, const QColor& edge = QColor());
    /// Whether any of that area is to be painted now: what is scrolled away needs its spots only.
    bool exposed(const QRectF& area) const {
        return direct_ ||
               exposed_.intersects(QRectF(area.topLeft() * zoom_, area.size() * zoom_).toAlignedRect());
    }
    /// Paints `area` by `draw`, or by the picture of it that `draw` made before, for as long as what it shows
    /// is the same: `shows` holds every word and every choice of colour, the theme apart. Nothing behind it
    /// shows where it has a ground.
    void stamp(QPainter& p, const QRectF& area, const QString& key, const QString& shows,
               const std::function<void(QPainter&)>& draw, const QColor& on = Qt::transparent);

    void paintEvent(QPaintEvent*) override;
    void mouseMoveEvent(QMouseEvent* e) override;
    void mousePressEvent(QMouseEvent* e) override;
    void keyPressEvent(QKeyEvent* e) override;
    void leaveEvent(QEvent* e) override;
    void focusInEvent(QFocusEvent* e) override;
    bool event(QEvent* e) override;
    bool eventFilter(QObject* watched, QEvent* e) override;
    QString hovered() const { return hovered_; }

  private:
    bool draw_into(QPaintDevice& device, double scale);
    static bool in_two_lines(QPainter& p, const QRectF& area, const QString& words, const QFont& f,
                             int align);
    static void note_words(const QPainter& p, const QString& words, const QRectF& area, bool cut);
    static std::vector<Drawn>* noted_;  ///< while somebody asks what is drawn
    struct Stamp {
        QPixmap picture;
        QString shows;
        QRectF frame;  ///< on the screen, from the pixel it starts in
        int used = 0;  ///< the last painting that it served
    };
    void walk(int by);
    void reveal(const QString& key);
    void commit_editor();
    void drop_old_stamps();
    void announce_changes();
    void focus_on(const QString& key);
    std::vector<std::pair<QString, size_t>> announced_;  ///< of each spot, what it said when last announced
    std::vector<Spot> spots_;
    QHash<QString, Stamp> stamps_;
    int painting_ = 0;
    QRegion exposed_;
    bool direct_ = false;  ///< into a file: nothing is left out, nothing from a stamp
    QString hovered_, focused_;
    bool seek_first_ = false;  ///< keys came here before there were spots
    double zoom_ = 1;
    QLineEdit* editor_ = nullptr;
    QLabel* echo_ = nullptr;
    std::function<QString(const QString&)> commit_;
};

}  // namespace sangre::app
