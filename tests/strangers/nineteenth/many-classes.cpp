#include <iostream>
#include <string>
#include <vector>
#include <stdexcept>
#include <algorithm>

class InsufficientStock : public std::runtime_error {
    int missing_;
public:
    InsufficientStock(const std::string& what, int missing) : std::runtime_error(what), missing_(missing) {}
    int missing() const { return missing_; }
};

class Product {
    std::string name_;
    double price_;
    int stock_;
public:
    Product(std::string name, double price, int stock) : name_(name), price_(price), stock_(stock) {}
    const std::string& name() const { return name_; }
    double price() const { return price_; }
    int stock() const { return stock_; }
    void sell(int n) {
        if (n > stock_) throw InsufficientStock("not enough " + name_, n - stock_);
        stock_ -= n;
    }
    bool operator<(const Product& other) const { return price_ < other.price_; }
    friend std::ostream& operator<<(std::ostream& os, const Product& p) {
        return os << p.name_ << " $" << p.price_ << " x" << p.stock_;
    }
};

class Shop {
    std::vector<Product> products;
    double takings = 0;
    Product& get(const std::string& name) {
        auto it = std::find_if(products.begin(), products.end(), [&](const Product& p) { return p.name() == name; });
        if (it == products.end()) throw std::out_of_range("no product " + name);
        return *it;
    }
public:
    Shop& add(const Product& p) { products.push_back(p); return *this; }
    void sell(const std::string& name, int n) {
        Product& p = get(name);
        p.sell(n);
        takings += n * p.price();
    }
    void report() {
        std::sort(products.begin(), products.end());
        for (const Product& p : products) std::cout << " - " << p << '\n';
        std::cout << "Takings: " << takings << '\n';
    }
};

int main() {
    Shop shop;
    shop.add({"spade", 12.5, 4}).add(Product("seeds", 1.25, 100)).add(Product{"pot", 3, 10});
    struct Order { std::string what; int n; };
    std::vector<Order> orders = {{"spade", 2}, {"pot", 11}, {"hose", 1}, {"seeds", 40}};
    for (const auto& order : orders) {
        try {
            shop.sell(order.what, order.n);
            std::cout << "sold " << order.n << " " << order.what << '\n';
        } catch (const InsufficientStock& e) {
            std::cout << "error: " << e.what() << " (" << e.missing() << " missing)\n";
        } catch (const std::exception& e) {
            std::cout << "error: " << e.what() << '\n';
        }
    }
    shop.report();
}
