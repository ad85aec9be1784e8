#include <iostream>
#include <vector>
#include <string>
#include <memory>
#include <map>
#include <iomanip>
#include <algorithm>
#include <sstream>

using std::cout;
using std::endl;
using std::string;

enum class Genre { Nature, Story, Science };

static string genreName(Genre g) {
    switch (g) {
        case Genre::Nature: return "nature";
        case Genre::Story: return "story";
        default: return "science";
    }
}

class Item {
protected:
    string title_;
    int year_;
public:
    Item(string title, int year) : title_(std::move(title)), year_(year) {}
    virtual ~Item() = default;
    virtual double lateFee(int days) const = 0;
    virtual string describe() const {
        std::ostringstream out;
        out << title_ << " (" << year_ << ")";
        return out.str();
    }
    const string& title() const { return title_; }
    int year() const { return year_; }
};

class Book final : public Item {
    Genre genre_;
public:
    Book(const string& title, int year, Genre genre) : Item(title, year), genre_(genre) {}
    double lateFee(int days) const override { return 0.10 * days; }
    string describe() const override { return "Book: " + Item::describe() + " [" + genreName(genre_) + "]"; }
    Genre genre() const { return genre_; }
};

class Film : public Item {
    int minutes_;
public:
    Film(const string& title, int year, int minutes) : Item(title, year), minutes_(minutes) {}
    double lateFee(int days) const override { return days > 3 ? 1.5 + 0.5 * (days - 3) : 1.5; }
    string describe() const override {
        return "Film: " + Item::describe() + " " + std::to_string(minutes_ / 60) + "h" + (minutes_ % 60 < 10 ? "0" : "") + std::to_string(minutes_ % 60);
    }
};

class Library {
    std::vector<std::shared_ptr<Item>> items_;
    std::map<string, std::vector<std::weak_ptr<Item>>> loans_;
public:
    void add(std::shared_ptr<Item> item) { items_.push_back(std::move(item)); }
    bool lend(const string& who, const string& title) {
        auto it = std::find_if(items_.begin(), items_.end(), [&title](const auto& p) { return p->title() == title; });
        if (it == items_.end()) return false;
        loans_[who].push_back(*it);
        return true;
    }
    void sortByYear() {
        std::sort(items_.begin(), items_.end(), [](const auto& a, const auto& b) { return a->year() < b->year(); });
    }
    void print() const {
        int n = 0;
        for (const auto& item : items_) cout << std::setw(2) << ++n << ". " << item->describe() << '\n';
    }
    void report(int days) const {
        for (const auto& [who, list] : loans_) {
            double fee = 0;
            for (const auto& weak : list)
                if (auto item = weak.lock()) fee += item->lateFee(days);
            cout << std::left << std::setw(6) << who << std::right << std::setw(3) << list.size() << std::fixed << std::setprecision(2) << std::setw(8) << fee << '\n';
        }
    }
    std::size_t count(Genre g) const {
        return std::count_if(items_.begin(), items_.end(), [g](const std::shared_ptr<Item>& p) {
            auto book = std::dynamic_pointer_cast<Book>(p);
            return book && book->genre() == g;
        });
    }
};

int main() {
    Library lib;
    lib.add(std::make_shared<Book>("Moss", 1998, Genre::Nature));
    lib.add(std::make_shared<Film>("The Long Rain", 2004, 125));
    lib.add(std::make_shared<Book>("Soil", 1987, Genre::Science));
    lib.sortByYear();
    lib.print();
    cout << std::boolalpha << lib.lend("Ana", "Moss") << lib.lend("Ana", "The Long Rain") << lib.lend("Bo", "Nope") << endl;
    lib.report(5);
    cout << lib.count(Genre::Nature) << endl;
    std::unique_ptr<Item> solo = std::make_unique<Film>("Bees", 2011, 61);
    if (Film* f = dynamic_cast<Film*>(solo.get())) cout << f->describe() << endl;
    return 0;
}
