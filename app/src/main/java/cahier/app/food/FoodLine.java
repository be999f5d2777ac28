package cahier.app.food;

import cahier.app.language.Words;
import cahier.app.web.Measures;
import cahier.core.food.FoodBudget;

/** One dog's food on one day of a sheet, in words. */
public record FoodLine(String dog, FoodBudget budget) {

    private static final String NBSP = "\u00a0";

    /** "28 treats of 0.5 g a day: 49 of 55 kcal for treats." */
    public String treats() {
        FoodBudget.Treats t = budget.treats();
        return Words.say("treats.a-day", t.pieces(), grams(t.gramsEach()), Math.round(budget.treatKcal()), Math.round(budget.allowance()));
    }

    /** "Cut 7 biscuits, and give 14 g less at meals." What to do about too much comes first. */
    public String todo() {
        long off = Math.round(budget.mealGramsOff());
        if (budget.payFromRation()) {
            return Words.say("treats.from-food");
        }
        if (budget.isOver()) {
            return Words.say("treats.smaller", grams(budget.largestPieceGrams().orElseThrow()), off);
        }
        return Words.say("treats.cut", budget.biscuits(), off);
    }

    public boolean isOver() {
        return budget.isOver();
    }

    private static String grams(double grams) {
        return Measures.plain(grams, 2) + NBSP + "g";
    }
}
