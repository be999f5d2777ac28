/**
 * Suggestions and the trainer's answers: asks the core, keeps what stood and on which evidence, carries answers out.
 * Front doors: {@link cahier.app.judge.Judgements} and {@link cahier.app.judge.Answers}.
 */
@NullMarked
package cahier.app.judge;

import org.jspecify.annotations.NullMarked;
