package cahier.app.scope;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.AppTest;
import java.util.List;
import java.util.stream.Stream;
import org.apache.ibatis.mapping.ResultMap;
import org.apache.ibatis.session.SqlSessionFactory;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class RecordsByColumnTest extends AppTest {

    @Autowired
    private SqlSessionFactory sessions;

    @Test
    void everyRecordThatAMapperReadsKnowsItsColumnsBeforeARowIsRead() {
        List<ResultMap> records = sessions.getConfiguration().getResultMapNames().stream().filter(n -> n.contains(".")).map(sessions.getConfiguration()::getResultMap)
                .filter(m -> m.getType().isRecord() && m.getType() != PracticeId.class).toList();
        assertThat(records).hasSizeGreaterThan(50).allSatisfy(m -> assertThat(m.getConstructorResultMappings()).as(m.getId()).hasSize(m.getType().getRecordComponents().length));
    }

    @Test
    void aColumnIsNamedAsTheComponentIsInSmallLetters() {
        assertThat(Stream.of("id", "distanceM", "householdId", "at2", "x1Y").map(RecordsByColumn::column)).containsExactly("id", "distance_m", "household_id", "at2", "x1_y");
    }
}
