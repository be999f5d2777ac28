package cahier.app.track;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;

/** Keeps a {@link Teaching} as one jsonb column: it is read and written whole and never searched. */
@MappedTypes(Teaching.class)
public class TeachingTypeHandler extends BaseTypeHandler<Teaching> {

    private static final ObjectMapper JSON = JsonMapper.builder().build();

    @Override
    public void setNonNullParameter(PreparedStatement statement, int index, Teaching teaching, JdbcType type) throws SQLException {
        try {
            statement.setObject(index, JSON.writeValueAsString(teaching), Types.OTHER);
        } catch (JsonProcessingException e) {
            throw new SQLException("a step's teaching cannot be written", e);
        }
    }

    @Override
    public Teaching getNullableResult(ResultSet row, String column) throws SQLException {
        return read(row.getString(column));
    }

    @Override
    public Teaching getNullableResult(ResultSet row, int column) throws SQLException {
        return read(row.getString(column));
    }

    @Override
    public Teaching getNullableResult(CallableStatement call, int column) throws SQLException {
        return read(call.getString(column));
    }

    private static Teaching read(String json) throws SQLException {
        try {
            return JSON.readValue(json, Teaching.class);
        } catch (JsonProcessingException e) {
            throw new SQLException("a step's teaching cannot be read", e);
        }
    }
}
