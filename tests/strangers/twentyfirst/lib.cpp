#include <algorithm>
#include <iomanip>
#include <iostream>
#include <map>
#include <memory>
#include <set>
#include <string>
#include <vector>

class Media {
protected:
    std::string title;
    int year;

public:
    Media(std::string t, int y) : title(std::move(t)), year(y) {}
    virtual ~Media() = default;
    virtual std::string describe() const { return title + " (" + std::to_string(year) + ")"; }
    virtual double fee(int days) const = 0;
    const std::string& getTitle() const { return title; }
    int getYear() const { return year; }
};

class Book : public Media {
    int pages;

public:
    Book(const std::string& t, int y, int p) : Media(t, y), pages(p) {}
    std::string describe() const override { return Media::describe() + ", " + std::to_string(pages) + " p."; }
    double fee(int days) const override { return days > 14 ? (days - 14) * 0.1 : 0; }
};

class Film : public Media {
public:
    using Media::Media;
    double fee(int days) const override { return 1.5 * days; }
};

class Library {
    std::vector<std::unique_ptr<Media>> items;
    std::map<std::string, std::set<std::string>> loans;

public:
    template <typename T, typename... Args>
    void add(Args&&... args) {
        items.push_back(std::make_unique<T>(std::forward<Args>(args)...));
    }
    const Media* find(const std::string& title) const {
        auto it = std::find_if(items.begin(), items.end(), [&](const auto& m) { return m->getTitle() == title; });
        return it == items.end() ? nullptr : it->get();
    }
    bool lend(const std::string& who, const std::string& title) {
        for (const auto& [name, titles] : loans)
            if (titles.count(title)) return false;
        if (!find(title)) return false;
        return loans[who].insert(title).second;
    }
    void report() const {
        for (const auto& m : items) std::cout << std::left << std::setw(28) << m->describe() << std::right << std::setw(6) << std::fixed << std::setprecision(2) << m->fee(20) << '\n';
        for (const auto& loan : loans) {
            std::cout << loan.first << ':';
            for (const auto& t : loan.second) std::cout << ' ' << t;
            std::cout << '\n';
        }
    }
};

int main() {
    Library lib;
    lib.add<Book>("Beans", 2001, 120);
    lib.add<Film>("Growing", 2015);
    std::cout << std::boolalpha << lib.lend("Mo", "Beans") << ' ' << lib.lend("Jo", "Beans") << ' ' << lib.lend("Jo", "Nothing") << '\n';
    lib.lend("Jo", "Growing");
    lib.report();
    if (const Media* m = lib.find("Growing")) std::cout << m->getYear() << '\n';
}
