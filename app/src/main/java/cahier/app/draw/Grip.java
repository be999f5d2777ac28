package cahier.app.draw;

/**
 * Something of a drawing that can be dragged, or moved with the arrow keys.
 *
 * @param id of its own, so that the focus finds it again
 * @param sideways numbers of the fields of the form that follow it to the right, "from-0 to-0"; empty when it only goes up and down
 * @param upward those that follow it upward
 * @param says what it is and where it stands
 * @param value the figure that a screen reader announces, in metres or seconds
 */
public record Grip(String id, double x, double y, String sideways, String upward, String says, double value) {

    public String now() {
        return Path.number(value);
    }
}
