package cahier.app.account;

import cahier.app.scope.TrainerUser;

import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Every page may show who is signed in. */
@ControllerAdvice(annotations = Controller.class)
class SignedIn {

    @ModelAttribute("me")
    @Nullable TrainerUser me(@AuthenticationPrincipal @Nullable TrainerUser trainer) {
        return trainer;
    }
}
