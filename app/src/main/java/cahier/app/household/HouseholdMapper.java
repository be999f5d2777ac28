package cahier.app.household;

import cahier.app.account.PracticeId;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface HouseholdMapper {

    String COLUMNS = "select id, practice_id, name, home, zone as zone_id, cautions, emergency, emergency_phone, version from household ";

    @Select(COLUMNS + "where practice_id = #{practice} order by lower(name), id")
    List<Household> all(PracticeId practice);

    @Select("""
            insert into household (practice_id, name, home, zone, cautions, emergency, emergency_phone)
            values (#{h.practiceId}, #{h.name}, #{h.home}, #{h.zoneId}, #{h.cautions}, #{h.emergency}, #{h.emergencyPhone}) returning id""")
    long insert(@Param("h") Household household);

    @Update("""
            update household set name = #{h.name}, home = #{h.home}, zone = #{h.zoneId}, cautions = #{h.cautions}, emergency = #{h.emergency},
                   emergency_phone = #{h.emergencyPhone}, version = version + 1
            where practice_id = #{h.practiceId} and id = #{h.id} and version = #{h.version}""")
    int update(@Param("h") Household household);
}
