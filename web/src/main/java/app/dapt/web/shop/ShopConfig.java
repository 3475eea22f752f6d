package app.dapt.web.shop;

import app.dapt.shelf.Price;
import app.dapt.web.workroom.PriceStore;
import java.io.IOException;
import java.net.URI;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Which shop is asked for its prices: one that is named in the settings, in the demo the chandler, else none. */
@Configuration
class ShopConfig {

    @Bean
    @ConditionalOnProperty("dapt.shop.address")
    ShopClient shop(
            @Value("${dapt.shop.name}") String name,
            @Value("${dapt.shop.address}") URI address,
            PriceStore prices,
            Clock clock) {
        return new ShopClient(name, address, keeper(prices), clock);
    }

    private static ShopClient.Keeper keeper(PriceStore prices) {
        return new ShopClient.Keeper() {
            @Override
            public void answered(String shop, List<Price> all, Instant at) {
                prices.answered(shop, all, at);
            }

            @Override
            public void unanswered(String shop, Instant at) {
                prices.unanswered(shop, at);
            }
        };
    }

    /** The stand-in, on loopback. */
    @Configuration
    @ConditionalOnProperty("dapt.demo")
    @ConditionalOnProperty(name = "dapt.shop.address", matchIfMissing = true, havingValue = "none")
    static class Demo {

        @Bean
        Chandler chandler() throws IOException {
            return new Chandler(Chandler::mood);
        }

        @Bean
        ShopClient chandlersPrices(Chandler chandler, PriceStore prices, Clock clock) {
            return new ShopClient(Chandler.NAME, chandler.address(), keeper(prices), clock);
        }
    }
}
