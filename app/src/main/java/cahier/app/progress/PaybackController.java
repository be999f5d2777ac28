package cahier.app.progress;

import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.log.KeptRep;
import cahier.app.log.RepLog;
import cahier.app.scope.TrainerUser;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import cahier.app.web.Check;
import cahier.app.web.Dates;
import cahier.core.lesson.Payback;
import cahier.core.rep.Outcome;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;

/** Whether a chain that is done daily has given back the time its teaching took (docs/rules.md 28). Nothing is kept. */
@Controller
class PaybackController {

    private static final int LONGEST_S = 600;

    private final Tracks tracks;
    private final Households households;
    private final RepLog log;
    private final Clock clock;

    PaybackController(Tracks tracks, Households households, RepLog log, Clock clock) {
        this.tracks = tracks;
        this.households = households;
        this.log = log;
        this.clock = clock;
    }

    /** As it is typed; without seconds the first week stands for before. */
    record Asked(@Nullable String uses, @Nullable String before) {
    }

    @GetMapping("/tracks/{id}/payback")
    String ask(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @ModelAttribute("form") Asked form, BindingResult result, Model model) {
        Track track = tracks.get(me.practice(), id).track();
        ZoneId zone = households.get(me.practice(), track.householdId()).zone();
        LocalDate today = Instant.now(clock).atZone(zone).toLocalDate();
        Check check = new Check(result);
        int uses = check.whole("uses", form.uses(), 1, Payback.MOST_USES);
        Optional<Double> before = check.optionalWhole("before", form.before(), 1, LONGEST_S).stream().mapToObj(s -> (double) s).findFirst();
        model.addAttribute("refusals", result.getFieldErrors().stream().map(e -> (e.getField().equals("uses") ? Words.say("progress.PaybackController.uses-a-day") : Words.say("progress.PaybackController.seconds-before")) + e.getDefaultMessage() + ".").toList());
        if (!result.hasErrors()) {
            List<KeptRep> reps = log.ofTrack(me.practice(), id, Instant.EPOCH);
            List<Payback.Passage> passages = reps.stream().filter(r -> r.outcome() == Outcome.CLEAN && r.value() != null && r.value() > 0)
                    .map(r -> new Payback.Passage(r.happenedAt().atZone(zone).toLocalDate(), r.value())).toList();
            Optional<Payback> payback = Payback.of(passages, before, uses, minutes(reps), today);
            model.addAttribute("payback", payback);
            model.addAttribute("says", payback.map(p -> says(p, today)).orElse(Words.say("progress.PaybackController.no-timed-clean-passage-yet")));
        }
        return "progress/payback";
    }

    private static double minutes(List<KeptRep> reps) {
        return Payback.spentMinutes(reps.stream().collect(Collectors.groupingBy(KeptRep::sittingId, Collectors.mapping(KeptRep::happenedAt, Collectors.toList()))).values());
    }

    private static String says(Payback payback, LocalDate today) {
        return payback.paidOn().map(day -> day.isAfter(today) ? Words.say("progress.PaybackController.at-this-pace-it-has", Dates.longDate(day)) : Words.say("progress.PaybackController.it-has-paid-for-itself", Dates.longDate(day)))
                .orElse(Words.say("progress.PaybackController.not-in-sight-a-passage"));
    }
}
