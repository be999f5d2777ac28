/** The demo: a made-up practice with five weeks of practice behind it, always ending today. Front door: {@link cahier.app.demo.DemoLoader}. */
@NullMarked
package cahier.app.demo;

import org.jspecify.annotations.NullMarked;
