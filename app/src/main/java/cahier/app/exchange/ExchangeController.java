package cahier.app.exchange;

import cahier.app.household.Dog;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.shelf.BadFile;
import cahier.app.shelf.Upload;
import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A household's roadmap as a file, out and in. */
@Controller
class ExchangeController {

    private final RoadmapExchange exchange;
    private final Households households;
    private final Clock clock;

    ExchangeController(RoadmapExchange exchange, Households households, Clock clock) {
        this.exchange = exchange;
        this.households = households;
        this.clock = clock;
    }

    @GetMapping("/households/{household}/roadmap.json")
    ResponseEntity<String> export(@AuthenticationPrincipal TrainerUser me, @PathVariable long household) {
        Household home = households.get(me.practice(), household);
        String name = "roadmap-" + home.name().replaceAll("[^A-Za-z0-9]+", "-") + ".json";
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename(name).build().toString())
                .body(exchange.export(me.practice(), household, Instant.now(clock)));
    }

    @GetMapping("/households/{household}/roadmap/import")
    String blank(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, Model model) {
        return page(me, household, "", List.of(), model);
    }

    private String page(TrainerUser me, long household, String text, List<String> findings, Model model) {
        model.addAttribute("household", households.get(me.practice(), household));
        model.addAttribute("text", text);
        model.addAttribute("findings", findings);
        return "exchange/import";
    }

    /**
     * A file, or what was pasted. First it is asked which dog gets which tracks, and said what this household lacks for them; with the answers they are added.
     * What does not fit comes back with its findings, to be mended in place, and nothing is changed.
     *
     * @param form each name of the dogs of the file, as they were asked about, and dog: the number of who gets its tracks, or nothing where they are left out
     */
    @PostMapping("/households/{household}/roadmap/import")
    String takeIn(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam(required = false) @Nullable MultipartFile file,
                  @RequestParam(defaultValue = "") String text, @RequestParam MultiValueMap<String, String> form, Model model, RedirectAttributes flash) {
        List<String> name = form.getOrDefault("name", List.of()); // a name may hold a comma, and must not be two
        List<String> dog = form.getOrDefault("dog", List.of());
        List<Dog> dogs = households.dogs(me.practice(), household);
        String content = Upload.text(file, text);
        if (dogs.isEmpty()) {
            return page(me, household, content, List.of(Words.say("exchange.ExchangeController.the-household-must-have-a")), model);
        }
        try {
            List<Arrival> arrivals = exchange.arrivals(me.practice(), household, content);
            if (name.isEmpty()) {
                return ask(me, household, content, arrivals, "", model);
            }
            Map<String, Long> whose = new HashMap<>();
            for (int i = 0; i < Math.min(name.size(), dog.size()); i++) {
                String chosen = dog.get(i);
                String called = name.get(i);
                dogs.stream().filter(d -> Long.toString(d.id()).equals(chosen)).findFirst().ifPresent(d -> whose.put(called, d.id()));
            }
            if (whose.isEmpty()) {
                return ask(me, household, content, arrivals, Words.say("exchange.ExchangeController.at-least-one-dog-must"), model);
            }
            flash.addFlashAttribute("broughtIn", exchange.read(me, household, content, whose, Instant.now(clock)));
            return "redirect:/households/" + household + "/roadmap";
        } catch (BadFile e) {
            return page(me, household, content, e.findings(), model);
        }
    }

    private String ask(TrainerUser me, long household, String text, List<Arrival> arrivals, String refusal, Model model) {
        model.addAttribute("household", households.get(me.practice(), household));
        model.addAttribute("dogs", households.dogs(me.practice(), household));
        model.addAttribute("arrivals", arrivals);
        model.addAttribute("text", text);
        model.addAttribute("refusal", refusal.isEmpty() ? null : refusal);
        return "exchange/arrivals";
    }
}
