package app.dapt.web.workroom;

import app.dapt.log.Learnt;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The SQL for the log and what is learnt from it. Every statement names the workroom. */
@Mapper
interface LogMapper {

    /** An entry with the revision it points at; {@code coverId} is nought where its cover is gone. */
    record LogRow(long id, long version, int revision, long coverId, Instant loggedAt, String entry) {}

    /** What somebody has said of one thing to learn; {@code since} is the epoch where everything counts. */
    record LearningRow(String subject, boolean active, Instant since) {}

    /** Somebody's terms. */
    record TermsRow(int hourly, int margin) {}

    String ENTRY = """
            select e.id, e.version, e.revision, coalesce(c.id, 0) as cover_id, e.logged_at, r.entry::text as entry
              from log_entry e join log_revision r on r.entry_id = e.id and r.number = e.revision
              left join cover c on c.id = e.cover_id and c.deleted_at is null
             where e.workroom_id = #{workroom} and e.deleted_at is null
            """;

    @Select(ENTRY + " order by r.entry ->> 'made' desc, e.id desc limit #{most}")
    List<LogRow> list(@Param("workroom") long workroom, @Param("most") int most);

    @Select(ENTRY + " and e.id = #{id}")
    Optional<LogRow> find(@Param("workroom") long workroom, @Param("id") long id);

    @Select(ENTRY + " and e.cover_id = #{cover}")
    Optional<LogRow> ofCover(@Param("workroom") long workroom, @Param("cover") long cover);

    /** Another whenever anything in the log is. */
    @Select("""
            select concat_ws('.', count(*), sum(version), max(id)) from log_entry
             where workroom_id = #{workroom} and deleted_at is null
            """)
    String stamp(@Param("workroom") long workroom);

    /** Forgets what was removed long ago, some of it at a time; how many entries. */
    @Delete("""
            delete from log_entry where id in (
                   select id from log_entry where deleted_at < now() - interval '31 days' limit 200)
            """)
    int emptyBin();

    /** Waits for whoever changes it. */
    @Select("select id from log_entry where workroom_id = #{workroom} and id = #{id} and deleted_at is null "
            + "for no key update")
    Optional<Long> lock(@Param("workroom") long workroom, @Param("id") long id);

    @Select("select count(*) from log_entry where workroom_id = #{workroom} and deleted_at is null")
    int count(@Param("workroom") long workroom);

    @Select(
            value = "insert into log_entry (workroom_id, cover_id) values (#{workroom}, nullif(#{cover}, 0)) "
                    + "returning id",
            affectData = true)
    long insert(@Param("workroom") long workroom, @Param("cover") long cover);

    @Insert("""
            insert into log_revision (entry_id, number, entry) values (#{id}, #{number}, cast(#{entry} as jsonb))
            on conflict (entry_id, number) do update set entry = excluded.entry, made_at = now()
            """)
    void putRevision(@Param("id") long id, @Param("number") int number, @Param("entry") String entry);

    @Delete("delete from log_revision where entry_id = #{id} and number > #{number}")
    void dropAfter(@Param("id") long id, @Param("number") int number);

    @Delete("delete from log_revision where entry_id = #{id} and number <= #{number}")
    void dropUpTo(@Param("id") long id, @Param("number") int number);

    /** Counts the revisions anew from so many later; by way of negative numbers, since each is there once only. */
    @Update("update log_revision set number = #{by} - number where entry_id = #{id}")
    void countBelowNought(@Param("id") long id, @Param("by") int by);

    @Update("update log_revision set number = -number where entry_id = #{id}")
    void countAboveNought(@Param("id") long id);

    @Update("""
            update log_entry set revision = #{revision}, version = version + 1
             where workroom_id = #{workroom} and id = #{id}
            """)
    void move(@Param("workroom") long workroom, @Param("id") long id, @Param("revision") int revision);

    @Update("""
            update log_entry set deleted_at = now()
             where workroom_id = #{workroom} and id = #{id} and deleted_at is null
            """)
    int delete(@Param("workroom") long workroom, @Param("id") long id);

    /** Brings an entry back, unless its cover was logged anew meanwhile. */
    @Update("""
            update log_entry e set deleted_at = null
             where workroom_id = #{workroom} and id = #{id} and not exists (
                   select 1 from log_entry o where o.cover_id = e.cover_id and o.deleted_at is null and o.id <> e.id)
            """)
    int restore(@Param("workroom") long workroom, @Param("id") long id);

    @Select("select subject, active, coalesce(since, 'epoch') as since from learning where workroom_id = #{workroom}")
    List<LearningRow> learning(@Param("workroom") long workroom);

    @Insert("""
            insert into learning (workroom_id, subject, active) values (#{workroom}, #{subject}, #{active})
            on conflict (workroom_id, subject) do update set active = excluded.active
            """)
    void learn(
            @Param("workroom") long workroom,
            @Param("subject") Learnt.Subject subject,
            @Param("active") boolean active);

    @Insert("""
            insert into learning (workroom_id, subject, since) values (#{workroom}, #{subject}, now())
            on conflict (workroom_id, subject) do update set since = now()
            """)
    void anew(@Param("workroom") long workroom, @Param("subject") Learnt.Subject subject);

    @Update("update learning set since = null where workroom_id = #{workroom} and subject = #{subject}")
    void fromTheFirst(@Param("workroom") long workroom, @Param("subject") Learnt.Subject subject);

    @Select("select hourly, margin from workroom where id = #{workroom}")
    TermsRow terms(@Param("workroom") long workroom);

    @Update("update workroom set hourly = #{hourly}, margin = #{margin} where id = #{workroom}")
    void setTerms(@Param("workroom") long workroom, @Param("hourly") int hourly, @Param("margin") int margin);
}
