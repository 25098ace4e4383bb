#include "shell/line_chips.h"

#include <QMenu>

#include "widgets/words.h"

namespace sangre::app {
namespace {

constexpr int most_lines = 9;  // what a long line would take from the reasons below

double chip_height() { return u(24); }

}  // namespace

LineChips::LineChips(Document& document, QWidget* parent)
    : Canvas(tr("Line of what is selected"), parent), document_(document) {
    connect(&document_, &Document::changed, this, &LineChips::refresh);
    connect(&document_, &Document::selection_changed, this, &LineChips::refresh);
    refresh();
}

void LineChips::refresh() {
    const LineContext context(document_.plan(), document_.catalogue());
    subjects_ = document_.selected();
    if (subjects_.empty()) subjects_ = {Id()};
    line_ = several() ? shared_line(context, subjects_) : line_of(context, subjects_.front());
    lay_out();
    setAccessibleDescription(line_ ? words_of(line_->text) : QString());
    updateGeometry();
    update();
}

void LineChips::resizeEvent(QResizeEvent* e) {
    Canvas::resizeEvent(e);
    const int before = height_;
    lay_out();
    if (before != height_) updateGeometry();
}

void LineChips::lay_out() {
    areas_.clear();
    shown_ = 0, height_ = 0;
    if (!line_) return;
    const double left = u(14), right = std::max<double>(width() - u(12), left + u(60)), gap = u(4);
    const double lowest = u(32) + most_lines * (chip_height() + gap);
    double x = left, y = u(32), row = chip_height();
    const auto place = [&](const QString& words, bool head) {
        const double whole = text_width(words, face(12, head)) + u(14), wide = std::min(whole, right - left);
        if (x > left && x + wide > right) x = left, y += row + gap, row = chip_height();
        // What is wider than the panel takes more lines.
        const double tall =
            whole <= wide ? chip_height()
                          : QFontMetricsF(face(12, head))
                                    .boundingRect(QRectF(0, 0, wide - u(14), 1e4), Qt::TextWordWrap, words)
                                    .height() +
                                u(8);
        areas_.emplace_back(x, y, wide, tall);
        row = std::max(row, tall);
        x += wide + gap;
    };
    // Where there are more than the reasons below leave room for, the last says how many.
    while (shown_ < line_->chips.size() && (shown_ == 0 || y + row < lowest))
        place(chip_words(shown_), shown_ == 0), ++shown_;
    place(more_words(), true);
    height_ = static_cast<int>(y + row + u(4));
}

QString LineChips::more_words() const {
    const auto hidden = line_->chips.size() - shown_;
    return hidden == 0 ? QStringLiteral("+") : tell("{hidden} more", hidden);
}

/// What goes by what it joins has no name of its own.
QString LineChips::chip_words(size_t chip) const {
    const auto& text = line_->chips[chip].text;
    return chip == 0 && text == "\"\"" ? tr("no name of its own") : words_of(text);
}

void LineChips::paint(QPainter& p) {
    if (!line_) return;
    const auto& t = theme();
    text(p, QRectF(u(14), u(8), width() - u(26), u(20)),
         several() ? tell("{count} × {constData} · what they share", subjects_.size(),
                          tr(line_word().toUtf8().constData()))
                   : tell("{constData} · F2 types the whole line", tr(line_word().toUtf8().constData())),
         t.muted, face(11));
    for (size_t i = 0; i < areas_.size(); ++i) {
        const bool more = i == shown_;
        const auto key = more ? QStringLiteral("more") : QStringLiteral("chip %1").arg(i);
        const auto& area = areas_[i];
        const bool head = i == 0 && !several(), pointed_at = hovered() == key;
        p.setPen(QPen(pointed_at ? t.accent : t.line, 1, more ? Qt::DashLine : Qt::SolidLine));
        p.setBrush(head ? t.accent_soft : t.paper);
        p.drawRoundedRect(area.adjusted(0.5, 0.5, -0.5, -0.5), u(6), u(6));
        const auto words = more ? more_words() : chip_words(i);
        const auto f = face(12, head || more);
        if (area.height() > chip_height() + 1)
            paragraph(p, area.adjusted(u(7), u(4), -u(7), -u(4)), words, t.ink, f);
        else
            text(p, area.adjusted(u(7), 0, -u(7), 0), words, more ? t.accent : t.ink, f, Qt::AlignCenter);
        if (more) {
            add_spot({area,
                      key,
                      shown_ < line_->chips.size() ? tr("The whole line, to be typed") : tr("Say more of it"),
                      [this, at = area.bottomLeft().toPoint()] {
                          if (shown_ < line_->chips.size())
                              emit line_asked({});
                          else
                              more_menu(at);
                      },
                      {}});
            continue;
        }
        const auto* fact = line_->chips[i].fact;
        auto& spot = add_spot({area,
                               key,
                               fact ? tr(fact->help) : tr("what it is called"),
                               [this, i, area] { edit_chip(i, area); },
                               {}});
        spot.name = words, spot.how = tr("Click to say it otherwise; empty takes it off.");
    }
}

void LineChips::edit_chip(size_t chip, const QRectF& area) {
    const double wide = width() - u(20.0);
    edit_at(QRectF(u(10), area.top(), wide, area.height()), words_of(line_->chips[chip].text),
            [this, chip, ids = subjects_, was = line_->chips[chip]](const QString& typed) -> QString {
                const LineContext context(document_.plan(), document_.catalogue());
                const auto text = typed.trimmed().toStdString();
                if (!was.fact && text.empty()) return tr("It needs to be called something.");
                auto next = ids.size() > 1 ? with_shared_chip(context, ids, was.text, text)
                                           : with_chip(context, ids.front(), chip, text);
                if (!next) return words_of(next.error().message);
                close_editor();
                document_.apply([plan = std::move(*next)](const Plan&) { return plan; },
                                tr("Say it otherwise"));
                return {};
            });
}

/// A field for what all of them are to say.
void LineChips::say_of_all(const QString& begun) {
    edit_at(QRectF(u(10), areas_.back().top(), width() - u(20.0), chip_height()), begun,
            [this, ids = subjects_](const QString& typed) -> QString {
                const LineContext context(document_.plan(), document_.catalogue());
                auto next = with_shared_chip(context, ids, {}, typed.trimmed().toStdString());
                if (!next) return words_of(next.error().message);
                close_editor();
                document_.apply([plan = std::move(*next)](const Plan&) { return plan; },
                                tell("Say it of {count} things", ids.size()));
                return {};
            });
    if (editor()) editor()->end(false);
}

void LineChips::more_menu(const QPoint& at) {
    QMenu menu(this);
    menu.setToolTipsVisible(true);
    for (const auto* fact : line_->unsaid) {
        auto* a = menu.addAction(
            tell("{subject} — {change}", menu_words(tr(fact->word)), menu_words(tr(fact->help))), this,
            [this, word = QString::fromUtf8(fact->word)] {
                if (several()) return say_of_all(word + QLatin1Char(' '));
                emit line_asked(QStringLiteral(", ") + word + QLatin1Char(' '));
            });
        a->setToolTip(tr(fact->help));
    }
    menu.exec(mapToGlobal(at));
}

}  // namespace sangre::app
