package cahier.app.scope;

/** Thrown as work begins for somebody whose sign-in does not stand any more: who left the practice, or may do something else since. */
public final class NoLongerSignedIn extends RuntimeException {

    private static final long serialVersionUID = 1L;
}
