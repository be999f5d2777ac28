package cahier.app.outbox;

import cahier.app.account.AccountService;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Check;
import cahier.app.web.NotFound;
import cahier.app.web.Paged;
import cahier.app.wording.TextKind;
import cahier.app.wording.Wording;
import cahier.app.wording.Wordings;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
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
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What went out, what waits and why, and the texts. */
@Controller
class OutboxController {

    private static final int LONGEST_SUBJECT = 120;
    private static final int LONGEST_BODY = 3000;

    private final Outbox outbox;
    private final Wordings wordings;
    private final Households households;
    private final AccountService accounts;
    private final MailServer server;
    private final Optional<DemoPost> demo;
    private final Clock clock;

    OutboxController(Outbox outbox, Wordings wordings, Households households, AccountService accounts, MailServer server, Optional<DemoPost> demo, Clock clock) {
        this.outbox = outbox;
        this.wordings = wordings;
        this.households = households;
        this.accounts = accounts;
        this.server = server;
        this.demo = demo;
        this.clock = clock;
    }

    /** A text as it is typed. */
    record TextForm(@Nullable String subject, @Nullable String body) {
    }

    @GetMapping("/outbox")
    String show(@AuthenticationPrincipal TrainerUser me, @RequestParam(defaultValue = "1") int page, Model model) {
        Paged<Mail> mails = outbox.page(me.practice(), page);
        model.addAttribute("mails", mails);
        model.addAttribute("failed", outbox.failed(me.practice()));
        model.addAttribute("households", households.these(me.practice(), mails.rows().stream().map(Mail::householdId).filter(Objects::nonNull).toList()).values().stream().collect(Collectors.toMap(Household::id, Household::name)));
        model.addAttribute("zone", accounts.zone(me.practice()));
        model.addAttribute("today", Instant.now(clock).atZone(accounts.zone(me.practice())).toLocalDate());
        model.addAttribute("hasServer", server.isSet());
        model.addAttribute("demo", demo);
        model.addAttribute("arrived", demo.map(d -> d.arrived(me.practice())).orElse(List.of()));
        return "outbox/outbox";
    }

    @PostMapping("/outbox/{id}/again")
    String again(@AuthenticationPrincipal TrainerUser me, @PathVariable long id) {
        outbox.again(me.practice(), id, Instant.now(clock));
        return "redirect:/outbox";
    }

    @PostMapping("/outbox/{id}/drop")
    String drop(@AuthenticationPrincipal TrainerUser me, @PathVariable long id) {
        outbox.drop(me.practice(), id);
        return "redirect:/outbox";
    }

    /** Only in the demo. */
    @PostMapping("/outbox/demo-server")
    String server(@RequestParam boolean up) {
        demo.ifPresent(d -> d.put(up));
        return "redirect:/outbox";
    }

    @GetMapping("/outbox/texts/{kind}")
    String text(@AuthenticationPrincipal TrainerUser me, @PathVariable TextKind kind, Model model) {
        refuseFixed(kind);
        Wording wording = wordings.of(me.practice(), kind);
        model.addAttribute("form", new TextForm(wording.subject(), wording.body()));
        model.addAttribute("kind", kind);
        return "outbox/text";
    }

    @PostMapping("/outbox/texts/{kind}")
    String keep(@AuthenticationPrincipal TrainerUser me, @PathVariable TextKind kind, @ModelAttribute("form") TextForm form, BindingResult result, Model model) {
        refuseFixed(kind);
        Check check = new Check(result);
        String subject = kind.isMail() ? check.text("subject", form.subject(), LONGEST_SUBJECT) : "";
        String body = check.text("body", form.body(), LONGEST_BODY);
        refuseUnknown(check, kind, "subject", subject);
        refuseUnknown(check, kind, "body", body);
        if (result.hasErrors()) {
            model.addAttribute("kind", kind);
            return "outbox/text";
        }
        wordings.keep(me.practice(), kind, new Wording(subject, body));
        return "redirect:/outbox#texts";
    }

    @PostMapping("/outbox/texts/{kind}/usual")
    String usual(@AuthenticationPrincipal TrainerUser me, @PathVariable TextKind kind) {
        refuseFixed(kind);
        wordings.forget(me.practice(), kind);
        return "redirect:/outbox#texts";
    }

    /** A mail that lets somebody in says what Cahier says. */
    private static void refuseFixed(TextKind kind) {
        if (!kind.isEdited()) {
            throw new NotFound("text " + kind);
        }
    }

    private static void refuseUnknown(Check check, TextKind kind, String field, String text) {
        List<String> unknown = Wording.unknown(text, kind.names());
        if (!unknown.isEmpty()) {
            check.refuse(field, Words.say("outbox.OutboxController.cannot-fill-in-in-braces", unknown.get(0), kind.names().stream().map(n -> "{" + n + "}").collect(Collectors.joining(", "))));
        }
    }
}
