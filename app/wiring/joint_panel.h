#pragma once
// The joint at one end of the selected feed: drawn to scale, with what it wants and what it should show, and
// other kinds and coverings to choose from.
#include "shell/document.h"

#include "plan/landing.h"
#include "widgets/canvas.h"

class QMenu;

namespace sangre::app {

class JointPanel : public Canvas {
    Q_OBJECT
  public:
    JointPanel(Document& document, QWidget* parent = nullptr);
    /// The feed that is shown: the selected one, the selected load's, or the first.
    static std::optional<size_t> feed_of(const Document& document);
    void show_end(bool source);
    /// Kinds that hold at this end first, those that want a tool the builder does not own marked.
    void fill_kind_menu(QMenu& menu, size_t feed);
    void fill_landing_menu(QMenu& menu, const Lead& feed, LeadEnd end);
    /// Opens a line with the terminals of a part.
    void edit_terminals(const Id& part);

  protected:
    void paint(QPainter& p) override;

  private:
    double paint_tabs(QPainter& p, const Lead& feed);
    /// Returns how wide it came out.
    double paint_covering(QPainter& p, double y);
    QString facts_words(const JointWork& work) const;
    Document& document_;
    bool at_source_ = false;
};

}  // namespace sangre::app
