package cahier.app.track;

import org.apache.ibatis.type.MappedTypes;

/** Where a step stands as a column. */
@MappedTypes(Adjusted.class)
public class AdjustedTypeHandler extends JsonTypeHandler<Adjusted> {

    public AdjustedTypeHandler() {
        super(Adjusted.class);
    }
}
