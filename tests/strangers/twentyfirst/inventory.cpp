#include <algorithm>
#include <iomanip>
#include <iostream>
#include <map>
#include <sstream>
#include <stdexcept>
#include <string>
#include <vector>

namespace shop {

class Item {
    std::string name_;
    int qty_;
    double price_;

public:
    Item() : Item("", 0, 0.0) {}
    Item(std::string name, int qty, double price) : name_(std::move(name)), qty_(qty), price_(price) {
        if (qty < 0 || price < 0) throw std::invalid_argument("negative value for " + name_);
    }
    const std::string& name() const { return name_; }
    int qty() const { return qty_; }
    double total() const { return qty_ * price_; }
    Item& operator+=(int n) {
        qty_ += n;
        return *this;
    }
    bool operator<(const Item& o) const { return name_ < o.name_; }
    friend std::ostream& operator<<(std::ostream& os, const Item& it) {
        return os << std::left << std::setw(10) << it.name_ << std::right << std::setw(4) << it.qty_ << std::setw(9) << std::fixed << std::setprecision(2) << it.total();
    }
};

class Store {
    std::map<std::string, Item> items_;

public:
    void add(const Item& item) {
        auto found = items_.find(item.name());
        if (found == items_.end())
            items_.insert({item.name(), item});
        else
            found->second += item.qty();
    }
    bool remove(const std::string& name) { return items_.erase(name) > 0; }
    double worth() const {
        double sum = 0;
        for (const auto& entry : items_) sum += entry.second.total();
        return sum;
    }
    std::vector<Item> sortedBy(bool (*less)(const Item&, const Item&)) const {
        std::vector<Item> out;
        for (const auto& [name, item] : items_) out.push_back(item);
        std::sort(out.begin(), out.end(), less);
        return out;
    }
    std::size_t size() const { return items_.size(); }
};

Item parse(const std::string& line) {
    std::istringstream in(line);
    std::string name;
    int qty;
    double price;
    if (!(in >> name >> qty >> price)) throw std::runtime_error("bad line: " + line);
    return Item(name, qty, price);
}

bool byTotal(const Item& a, const Item& b) { return a.total() > b.total(); }

}  // namespace shop

int main() {
    using shop::Item;
    shop::Store store;
    const std::vector<std::string> lines = {"spade 3 12.5", "seeds 40 0.2", "broken", "spade 2 12.5", "pot -1 3"};
    for (const auto& line : lines) {
        try {
            store.add(shop::parse(line));
        } catch (const std::invalid_argument& e) {
            std::cout << "invalid: " << e.what() << "\n";
        } catch (const std::exception& e) {
            std::cout << "error: " << e.what() << "\n";
        }
    }
    for (const Item& item : store.sortedBy(shop::byTotal)) std::cout << item << "\n";
    std::cout << store.size() << " " << store.worth() << " " << std::boolalpha << store.remove("seeds") << store.remove("seeds") << "\n";
    Item empty;
    std::cout << "[" << empty.name() << "]" << empty.qty() << std::endl;
}
