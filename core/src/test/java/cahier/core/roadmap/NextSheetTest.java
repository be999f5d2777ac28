package cahier.core.roadmap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class NextSheetTest {

    @Test
    void threeGoThoseThatAreOutFirstInTheTrainersOrder() {
        assertThat(NextSheet.of(List.of(), Set.of(1L))).isEmpty();
        assertThat(NextSheet.of(List.of(1L, 2L), Set.of())).containsExactly(1L, 2L);
        assertThat(NextSheet.of(List.of(1L, 2L, 3L, 4L, 5L), Set.of())).containsExactly(1L, 2L, 3L);
        assertThat(NextSheet.of(List.of(1L, 2L, 3L, 4L, 5L), Set.of(5L, 4L))).containsExactly(1L, 4L, 5L);
        assertThat(NextSheet.of(List.of(1L, 2L, 3L, 4L, 5L), Set.of(2L, 3L, 4L, 5L))).as("four are out, more than by itself").containsExactly(2L, 3L, 4L);
        assertThat(NextSheet.of(List.of(1L), Set.of(9L))).as("what is out and shut since").containsExactly(1L);
    }
}
