package cahier.app.scope;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.apache.ibatis.mapping.ResultFlag;
import org.apache.ibatis.mapping.ResultMap;
import org.apache.ibatis.mapping.ResultMapping;
import org.apache.ibatis.session.Configuration;

/**
 * Rows become records component by component, each from the column of its name, {@code distanceM} from {@code distance_m}. MyBatis alone looks that up
 * anew in every row, by comparing every column with every component; here it is settled once, when a mapper is read.
 */
final class RecordsByColumn extends Configuration {

    @Override
    public void addResultMap(ResultMap map) {
        boolean plain = map.getType().isRecord() && map.getResultMappings().isEmpty() && !getTypeHandlerRegistry().hasTypeHandler(map.getType());
        super.addResultMap(plain ? new ResultMap.Builder(this, map.getId(), map.getType(), components(map.getType()), map.getAutoMapping()).build() : map);
    }

    private List<ResultMapping> components(Class<?> type) {
        return Arrays.stream(type.getRecordComponents()).map(this::component).toList();
    }

    private ResultMapping component(RecordComponent c) {
        return new ResultMapping.Builder(this, c.getName(), column(c.getName()), c.getType()).flags(List.of(ResultFlag.CONSTRUCTOR)).build();
    }

    /** Where a capital begins a word: {@code atX2} is {@code at_x2}. */
    static String column(String component) {
        return component.replaceAll("(?<=[a-z0-9])(?=[A-Z])", "_").toLowerCase(Locale.ROOT);
    }
}
