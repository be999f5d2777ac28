package cahier.app.wording;

import cahier.app.scope.PracticeId;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

@Mapper
interface WordingMapper {

    @Select("select subject, body from mail_text where practice_id = #{practice} and kind = #{kind}")
    Optional<Wording> find(PracticeId practice, TextKind kind);

    @Insert("""
            insert into mail_text (practice_id, kind, subject, body) values (#{practice}, #{kind}, #{w.subject}, #{w.body})
            on conflict (practice_id, kind) do update set subject = excluded.subject, body = excluded.body""")
    void keep(PracticeId practice, TextKind kind, @Param("w") Wording wording);

    @Delete("delete from mail_text where practice_id = #{practice} and kind = #{kind}")
    void drop(PracticeId practice, TextKind kind);
}
