package cahier.app.track;

import cahier.core.pass.Spread;
import org.apache.ibatis.type.MappedTypes;

/** A step's spread as a column. */
@MappedTypes(Spread.class)
public class SpreadTypeHandler extends JsonTypeHandler<Spread> {

    public SpreadTypeHandler() {
        super(Spread.class);
    }
}
