// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/spoken.h"

#include <QAccessibleWidget>
#include <vector>

namespace brisk::app {
namespace {

class ValueInterface : public QAccessibleWidget, public QAccessibleValueInterface {
  public:
    explicit ValueInterface(QWidget* w) : QAccessibleWidget(w, QAccessible::Slider) {}

    void* interface_cast(QAccessible::InterfaceType t) override {
        return t == QAccessible::ValueInterface ? static_cast<QAccessibleValueInterface*>(this)
                                                : QAccessibleWidget::interface_cast(t);
    }
    QString text(QAccessible::Text t) const override {
        return t == QAccessible::Value ? of()->spokenValue() : QAccessibleWidget::text(t);
    }
    QVariant currentValue() const override { return of()->spokenNow(); }
    void setCurrentValue(const QVariant& v) override { of()->speakTo(v.toDouble()); }
    QVariant minimumValue() const override { return of()->spokenLeast(); }
    QVariant maximumValue() const override { return of()->spokenMost(); }
    QVariant minimumStepSize() const override { return of()->spokenStep(); }

  private:
    [[nodiscard]] SpokenValue* of() const { return dynamic_cast<SpokenValue*>(widget()); }
};

/// One part; lives as long as its widget's interface, and is told by its place among them.
class PartInterface : public QAccessibleInterface, public QAccessibleActionInterface {
  public:
    PartInterface(QWidget* widget, int index) : widget_(widget), index_(index) {}

    [[nodiscard]] bool isValid() const override { return index_ < of()->partCount(); }
    [[nodiscard]] QObject* object() const override { return nullptr; }
    [[nodiscard]] QAccessibleInterface* parent() const override {
        return QAccessible::queryAccessibleInterface(widget_);
    }
    [[nodiscard]] QAccessibleInterface* child(int) const override { return nullptr; }
    [[nodiscard]] QAccessibleInterface* childAt(int, int) const override { return nullptr; }
    [[nodiscard]] int childCount() const override { return 0; }
    int indexOfChild(const QAccessibleInterface*) const override { return -1; }
    [[nodiscard]] QString text(QAccessible::Text t) const override {
        if (!isValid()) return {};
        const auto part = of()->part(index_);
        return t == QAccessible::Name    ? part.name
               : t == QAccessible::Value ? part.value
                                         : QString();
    }
    void setText(QAccessible::Text, const QString&) override {}
    [[nodiscard]] QRect rect() const override {
        if (!isValid()) return {};
        const QRect r = of()->part(index_).place;
        return {widget_->mapToGlobal(r.topLeft()), r.size()};
    }
    [[nodiscard]] QAccessible::Role role() const override { return QAccessible::ListItem; }
    [[nodiscard]] QAccessible::State state() const override {
        QAccessible::State s;
        s.selectable = true;
        if (!isValid()) return s;
        const auto part = of()->part(index_);
        s.selected = part.chosen;
        s.invisible = part.place.isEmpty();
        return s;
    }
    void* interface_cast(QAccessible::InterfaceType t) override {
        return t == QAccessible::ActionInterface ? static_cast<QAccessibleActionInterface*>(this)
                                                 : nullptr;
    }
    [[nodiscard]] QStringList actionNames() const override { return {pressAction()}; }
    void doAction(const QString& name) override {
        if (name == pressAction() && isValid()) of()->pressPart(index_);
    }
    [[nodiscard]] QStringList keyBindingsForAction(const QString&) const override { return {}; }

  private:
    [[nodiscard]] SpokenParts* of() const { return dynamic_cast<SpokenParts*>(widget_); }
    QWidget* widget_;
    int index_;
};

class PartsInterface : public QAccessibleWidget {
  public:
    explicit PartsInterface(QWidget* w) : QAccessibleWidget(w, QAccessible::List) {}
    ~PartsInterface() override {
        for (const QAccessible::Id id : parts_) QAccessible::deleteAccessibleInterface(id);
    }
    [[nodiscard]] int childCount() const override { return of()->partCount(); }
    [[nodiscard]] QAccessibleInterface* child(int i) const override {
        if (i < 0 || i >= childCount()) return nullptr;
        while (static_cast<int>(parts_.size()) <= i) {
            parts_.push_back(QAccessible::registerAccessibleInterface(
                new PartInterface(widget(), static_cast<int>(parts_.size()))));
        }
        return QAccessible::accessibleInterface(parts_[static_cast<std::size_t>(i)]);
    }
    [[nodiscard]] QAccessibleInterface* childAt(int x, int y) const override {
        for (int i = 0; i < childCount(); ++i) {
            QAccessibleInterface* c = child(i);
            if (c->rect().contains(x, y)) return c;
        }
        return nullptr;
    }
    int indexOfChild(const QAccessibleInterface* wanted) const override {
        for (int i = 0; i < static_cast<int>(parts_.size()); ++i) {
            if (child(i) == wanted) return i;
        }
        return -1;
    }
    [[nodiscard]] QString text(QAccessible::Text t) const override {
        if (t != QAccessible::Value) return QAccessibleWidget::text(t);
        for (int i = 0; i < of()->partCount(); ++i) {
            const auto p = of()->part(i);
            if (p.chosen)
                return p.value.isEmpty() ? p.name : p.name + QStringLiteral(", ") + p.value;
        }
        return {};
    }

  private:
    [[nodiscard]] SpokenParts* of() const { return dynamic_cast<SpokenParts*>(widget()); }
    mutable std::vector<QAccessible::Id> parts_;
};

QAccessibleInterface* spokenInterface(const QString&, QObject* object) {
    auto* widget = qobject_cast<QWidget*>(object);
    if (dynamic_cast<SpokenValue*>(widget)) return new ValueInterface(widget);
    if (dynamic_cast<SpokenParts*>(widget)) return new PartsInterface(widget);
    return nullptr;
}

}  // namespace

void speakDrawings() {
    QAccessible::installFactory(spokenInterface);
}

void valueSpoken(QWidget* widget) {
    if (!QAccessible::isActive()) return;
    const auto* value = dynamic_cast<SpokenValue*>(widget);
    QAccessibleValueChangeEvent event(widget, value ? QVariant(value->spokenNow()) : QVariant());
    QAccessible::updateAccessibility(&event);
}

void announce(QWidget* where, const QString& sentence) {
    if (sentence.isEmpty()) return;
    where->setAccessibleDescription(sentence);
    QAccessibleEvent event(where, QAccessible::Alert);
    QAccessible::updateAccessibility(&event);
}

}  // namespace brisk::app
