package cahier.app.food;

import cahier.app.web.Measures;
import cahier.core.food.FoodBudget;

/** One dog's food on one day of a sheet, in words. */
public record FoodLine(String dog, FoodBudget budget) {

    private static final String NBSP = "\u00a0";

    /** "28 pieces of 0.5 g a day: 49 of 55 kcal for treats." */
    public String pieces() {
        FoodBudget.Treats t = budget.treats();
        return t.pieces() + (t.pieces() == 1 ? " piece" : " pieces") + " of " + grams(t.gramsEach()) + " a day: " + Math.round(budget.treatKcal()) + " of " + Math.round(budget.allowance())
                + NBSP + "kcal for treats.";
    }

    /** "7 biscuits to cut, 14 g off the meals." What to do about too much comes first. */
    public String todo() {
        String meals = Math.round(budget.mealGramsOff()) + NBSP + "g off the meals.";
        if (budget.payFromRation()) {
            return "Too much: pay from its ordinary food.";
        }
        if (budget.isOver()) {
            return "Too much: pieces of " + grams(budget.largestPieceGrams().orElseThrow()) + " would fit. " + meals;
        }
        return budget.biscuits() + (budget.biscuits() == 1 ? " biscuit" : " biscuits") + " to cut, " + meals;
    }

    public boolean isOver() {
        return budget.isOver();
    }

    private static String grams(double grams) {
        return Measures.plain(grams, 2) + NBSP + "g";
    }
}
