/** When a household practises: its free hours, the weather, and the week planned from them (docs/rules.md 17). Front doors: {@link cahier.app.week.Weeks}, {@link cahier.app.week.FreeHours}. */
@NullMarked
package cahier.app.week;

import org.jspecify.annotations.NullMarked;
