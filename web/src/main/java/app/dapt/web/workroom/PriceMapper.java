package app.dapt.web.workroom;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The SQL for what shops ask. Every statement names the workroom. */
@Mapper
interface PriceMapper {

    /** A price; nought where it has no size or width, less where the shop did not say what it has. */
    record PriceRow(
            String shop,
            String kind,
            String name,
            long size,
            long width,
            int cents,
            String per,
            LocalDate day,
            long stock) {}

    @Select("""
            select shop, kind, name, coalesce(size, 0) as size, coalesce(width, 0) as width, cents, per, day,
                   coalesce(stock, -1) as stock
              from price where workroom_id = #{workroom} and gone_at is null
             order by shop, kind, name, size, width, id limit #{most}
            """)
    List<PriceRow> list(@Param("workroom") long workroom, @Param("most") int most);

    @Select("select count(*) from price where workroom_id = #{workroom} and gone_at is null")
    int count(@Param("workroom") long workroom);

    @Insert("""
            insert into price (workroom_id, shop, kind, name, size, width, cents, per, day, stock)
            values (#{workroom}, #{p.shop}, #{p.kind}, #{p.name}, nullif(#{p.size}, 0), nullif(#{p.width}, 0),
                    #{p.cents}, #{p.per}, #{p.day}, nullif(#{p.stock}, -1))
            on conflict (workroom_id, shop, kind, name, size, width) where gone_at is null
            do update set cents = excluded.cents, per = excluded.per, day = excluded.day, stock = excluded.stock
            """)
    void keep(@Param("workroom") long workroom, @Param("p") PriceRow price);

    @Insert("""
            insert into price (workroom_id, shop, kind, name, size, width, cents, per, day, stock)
            values (#{workroom}, #{p.shop}, #{p.kind}, #{p.name}, nullif(#{p.size}, 0), nullif(#{p.width}, 0),
                    #{p.cents}, #{p.per}, #{p.day}, nullif(#{p.stock}, -1)) on conflict do nothing
            """)
    void add(@Param("workroom") long workroom, @Param("p") PriceRow price);

    @Delete("delete from price where workroom_id = #{workroom} and shop = #{shop} and gone_at is null")
    void clear(@Param("workroom") long workroom, @Param("shop") String shop);

    @Update("""
            update price set gone_at = now() where workroom_id = #{workroom} and shop = #{shop} and gone_at is null
            """)
    int takeAway(@Param("workroom") long workroom, @Param("shop") String shop);

    /** What was taken away last of a shop, where nothing of the same is there again. */
    @Update("""
            update price p set gone_at = null
             where workroom_id = #{workroom} and shop = #{shop}
               and gone_at = (select max(gone_at) from price where workroom_id = #{workroom} and shop = #{shop})
               and not exists (select 1 from price q where q.workroom_id = #{workroom} and q.shop = #{shop}
                               and q.gone_at is null and (q.kind, q.name, q.size, q.width)
                               is not distinct from (p.kind, p.name, p.size, p.width))
            """)
    int bringBack(@Param("workroom") long workroom, @Param("shop") String shop);

    @Delete("delete from price where workroom_id = #{workroom} and gone_at < now() - interval '30 days'")
    void forgetGone(@Param("workroom") long workroom);

    @Insert("""
            insert into shop_asked (workroom_id, shop, asked_at, answered_at)
            values (#{workroom}, #{shop}, #{at}, case when #{answered} then #{at}::timestamptz end)
            on conflict (workroom_id, shop) do update set asked_at = excluded.asked_at,
              answered_at = coalesce(excluded.answered_at, shop_asked.answered_at)
            """)
    void asked(
            @Param("workroom") long workroom,
            @Param("shop") String shop,
            @Param("at") Instant at,
            @Param("answered") boolean answered);

    /** When it was asked and when it answered; the beginning of time where it never did. */
    record AskedRow(Instant asked, Instant answered) {}

    @Select("""
            select asked_at as asked, coalesce(answered_at, to_timestamp(0)) as answered
              from shop_asked where workroom_id = #{workroom} and shop = #{shop}
            """)
    Optional<AskedRow> whenAsked(@Param("workroom") long workroom, @Param("shop") String shop);
}
