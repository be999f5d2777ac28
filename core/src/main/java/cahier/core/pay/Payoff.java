package cahier.core.pay;

/** What a dog can be paid with (docs/rules.md 13). */
public enum Payoff {

    FOOD(4), SCATTERED(2), TOY(2), LEAD_ON_OFF(2), FREE(2);

    private final int usualWeight;

    Payoff(int usualWeight) {
        this.usualWeight = usualWeight;
    }

    /** How often it is drawn beside the others; food twice as often as anything else. */
    int usualWeight() {
        return usualWeight;
    }
}
