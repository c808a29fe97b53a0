// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/language.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QTranslator>
#include <memory>

namespace brisk::app {

void useLanguage(const QLocale& locale) {
    // Those before; the application lets go of what is taken apart.
    static std::unique_ptr<QTranslator> own, toolkit;
    const auto use = [&](std::unique_ptr<QTranslator>& slot, const char* name,
                         const QString& folder) {
        slot = std::make_unique<QTranslator>();
        if (slot->load(locale, QLatin1String(name), QStringLiteral("_"), folder)) {
            QCoreApplication::installTranslator(slot.get());
        } else {
            slot.reset();
        }
    };
    use(toolkit, "qtbase", QLibraryInfo::path(QLibraryInfo::TranslationsPath));
    use(own, "brisk-tether", QStringLiteral(":/translations"));
}

}  // namespace brisk::app
