package app.unimetric.server.crib;

import java.sql.Array;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.jspecify.annotations.Nullable;

/** The presets of a torque tool: an array of figures in its own column. */
public final class PresetsHandler extends BaseTypeHandler<List<Double>> {
  @Override
  public void setNonNullParameter(
      PreparedStatement ps, int i, List<Double> figures, @Nullable JdbcType type)
      throws SQLException {
    ps.setArray(i, ps.getConnection().createArrayOf("float8", figures.toArray()));
  }

  @Override
  public @Nullable List<Double> getNullableResult(ResultSet rs, String column) throws SQLException {
    return figures(rs.getArray(column));
  }

  @Override
  public @Nullable List<Double> getNullableResult(ResultSet rs, int column) throws SQLException {
    return figures(rs.getArray(column));
  }

  @Override
  public @Nullable List<Double> getNullableResult(CallableStatement cs, int column)
      throws SQLException {
    return figures(cs.getArray(column));
  }

  private static @Nullable List<Double> figures(@Nullable Array array) throws SQLException {
    if (array == null) {
      return null;
    }
    List<Double> figures = new ArrayList<>();
    for (Object figure : (Object[]) array.getArray()) {
      figures.add(((Number) figure).doubleValue());
    }
    return figures;
  }
}
