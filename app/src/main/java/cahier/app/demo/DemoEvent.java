package cahier.app.demo;

import java.time.Instant;

/**
 * Something that happens in a household of the demo.
 *
 * @param until when it is over: after that what it says is judged; the same where nothing is to be judged
 */
record DemoEvent(Instant at, Instant until, Runnable happens) {

    DemoEvent(Instant at, Runnable happens) {
        this(at, at, happens);
    }
}
