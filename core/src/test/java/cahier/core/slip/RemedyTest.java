package cahier.core.slip;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.slip.Remedy.Coded;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class RemedyTest {

    private static List<Coded> coded(Slip... slips) {
        return Arrays.stream(slips).map(s -> new Coded(s, "")).toList();
    }

    @Test
    void fourCodedMissesAndOneCodeOnHalfOfThemMakeARemedy() {
        assertThat(Remedy.of(coded(Slip.GRABBED, Slip.GRABBED, Slip.GRABBED))).isEmpty();
        assertThat(Remedy.of(coded(Slip.GRABBED, Slip.GRABBED, Slip.STARED_ON, Slip.GRABBED))).contains(new Remedy(Slip.GRABBED, "", 3, 4));
        assertThat(Remedy.of(coded(Slip.GRABBED, Slip.STARED_ON, Slip.TIGHT_LEAD, Slip.GRABBED, Slip.CROWDED))).isEmpty();
        assertThat(Remedy.of(List.of())).isEmpty();
    }

    @Test
    void ofTwoOnHalfEachTheOneSeenLastIsMeant() {
        assertThat(Remedy.of(coded(Slip.GRABBED, Slip.STARED_ON, Slip.GRABBED, Slip.STARED_ON))).contains(new Remedy(Slip.STARED_ON, "", 2, 4));
        assertThat(Remedy.of(coded(Slip.STARED_ON, Slip.GRABBED, Slip.STARED_ON, Slip.GRABBED))).contains(new Remedy(Slip.GRABBED, "", 2, 4));
    }

    @Test
    void aBrokenChainSaysWhereItBreaksMostOften() {
        List<Coded> misses = List.of(new Coded(Slip.BROKE_AT, "handle"), new Coded(Slip.BROKE_AT, "door opens"), new Coded(Slip.TIGHT_LEAD, ""), new Coded(Slip.BROKE_AT, "handle"));
        assertThat(Remedy.of(misses)).contains(new Remedy(Slip.BROKE_AT, "handle", 3, 4));
    }
}
