package cahier.app.scope;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;

/** Stores a {@link PracticeId} as its number. */
@MappedTypes(PracticeId.class)
public class PracticeIdTypeHandler extends BaseTypeHandler<PracticeId> {

    @Override
    public void setNonNullParameter(PreparedStatement statement, int index, PracticeId id, JdbcType type) throws SQLException {
        statement.setLong(index, id.value());
    }

    @Override
    public PracticeId getNullableResult(ResultSet row, String column) throws SQLException {
        return new PracticeId(row.getLong(column));
    }

    @Override
    public PracticeId getNullableResult(ResultSet row, int column) throws SQLException {
        return new PracticeId(row.getLong(column));
    }

    @Override
    public PracticeId getNullableResult(CallableStatement call, int column) throws SQLException {
        return new PracticeId(call.getLong(column));
    }
}
