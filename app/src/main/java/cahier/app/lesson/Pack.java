package cahier.app.lesson;

/**
 * The lessons a household has paid for.
 *
 * @param bought in all
 * @param given since the first pack
 */
public record Pack(int bought, int given) {

    /** What is left; below 0 when more were given than paid for. */
    public int left() {
        return bought - given;
    }

    /** "2 of 5 lessons left." */
    public String words() {
        if (left() < 0) {
            return -left() + (left() == -1 ? " lesson" : " lessons") + " more given than paid for.";
        }
        return left() + " of " + bought + (bought == 1 ? " lesson" : " lessons") + " left.";
    }
}
