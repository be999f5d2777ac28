package cahier.app.track;

import org.apache.ibatis.type.MappedTypes;

/** A step's teaching as a column. */
@MappedTypes(Teaching.class)
public class TeachingTypeHandler extends JsonTypeHandler<Teaching> {

    public TeachingTypeHandler() {
        super(Teaching.class);
    }
}
