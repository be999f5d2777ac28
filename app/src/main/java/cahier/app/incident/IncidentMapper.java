package cahier.app.incident;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

@Mapper
interface IncidentMapper {

    @Insert("""
            insert into incident (id, practice_id, household_id, kind, went, distance_m, place_id, words, happened_at, received_at)
            values (#{i.id}, #{practice}, #{i.householdId}, #{i.kind}, #{i.went}, #{i.distanceM}, #{i.placeId}, #{i.words}, #{i.happenedAt}, #{now})
            on conflict do nothing""")
    void insert(PracticeId practice, @Param("i") Incident incident, Instant now);

    @Select("""
            select i.id, i.household_id, i.kind, i.went, i.distance_m, i.place_id, coalesce(p.name, '') as place, i.words, i.happened_at
            from incident i left join place p on p.id = i.place_id
            where i.practice_id = #{practice} and i.household_id = #{household} and i.happened_at >= #{since} order by i.happened_at desc, i.id limit #{most}""")
    List<Incident> since(PracticeId practice, long household, Instant since, int most);
}
