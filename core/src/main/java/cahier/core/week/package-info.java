/**
 * When a household practises: each dose of the coming week gets a time and a handler, by docs/rules.md 17. Front door: {@link cahier.core.week.WeekPlanner},
 * which takes a {@link cahier.core.week.Week} and gives a {@link cahier.core.week.WeekPlan}. The rules themselves are constraint streams, in the rule classes.
 */
@NullMarked
package cahier.core.week;

import org.jspecify.annotations.NullMarked;
