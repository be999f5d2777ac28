package cahier.app.paper;

import cahier.app.account.AccountService;
import cahier.app.bench.Setups;
import cahier.app.draw.QrCode;
import cahier.app.food.FoodLines;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.language.Language;
import cahier.app.rest.Moment;
import cahier.app.scope.PracticeId;
import cahier.app.sheet.Assignment;
import cahier.app.sheet.Homework;
import cahier.app.sheet.Homeworks;
import cahier.app.sheet.OwnerLinks;
import cahier.app.week.Weeks;
import cahier.app.wording.Wordings;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What stands on the printed sheet. */
@Service
@Transactional(readOnly = true)
public class Paper {

    private final Homeworks homeworks;
    private final Households households;
    private final FoodLines food;
    private final OwnerLinks links;
    private final Wordings wordings;
    private final AccountService accounts;
    private final Setups setups;
    private final Weeks weeks;
    private final Clock clock;

    Paper(Homeworks homeworks, Households households, FoodLines food, OwnerLinks links, Wordings wordings, AccountService accounts, Setups setups, Weeks weeks, Clock clock) {
        this.homeworks = homeworks;
        this.households = households;
        this.food = food;
        this.links = links;
        this.wordings = wordings;
        this.accounts = accounts;
        this.setups = setups;
        this.weeks = weeks;
        this.clock = clock;
    }

    /** What whoever practises by this sheet reads. */
    Language reader(PracticeId practice, long id) {
        return households.get(practice, homeworks.get(practice, id).householdId()).reads();
    }

    /** @param site where the application is reached, for the link and its code */
    public PaperSheet sheet(PracticeId practice, long id, String site) {
        Homework sheet = homeworks.get(practice, id);
        Facts facts = households.facts(practice, sheet.householdId());
        ZoneId zone = facts.household().zone();
        LocalDate issued = sheet.issuedAt().atZone(zone).toLocalDate();
        Optional<String> link = links.token(practice, sheet.householdId()).map(token -> site + "/o/" + token);
        String next = facts.lessonAfter(sheet.issuedAt()).filter(l -> !l.startsAt().atZone(zone).toLocalDate().equals(issued)).map(l -> l.when(zone)).orElse("");
        return new PaperSheet(sheet, facts, issued, next, sheet.issuedBy() + ", " + accounts.name(practice), link, link.map(QrCode::of),
                food.of(practice, facts, sheet.pieces(), issued), wordings.strangers(practice, facts),
                setups.at(practice, sheet.householdId(), sheet.issuedAt()), weeks.asPlanned(practice, sheet.householdId(), id, Instant.now(clock)), now(practice, sheet), accounts.toRing(practice, sheet.householdId(), Instant.now(clock)));
    }

    private List<Assignment> now(PracticeId practice, Homework sheet) {
        boolean isOut = homeworks.latest(practice, sheet.householdId()).filter(h -> h.id() == sheet.id()).isPresent();
        return isOut ? homeworks.assignments(practice, sheet, Moment.DAYS, Instant.now(clock)) : List.of();
    }
}
