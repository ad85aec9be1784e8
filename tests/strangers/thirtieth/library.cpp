#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <set>
#include <stdexcept>

struct Book {
    std::string title;
    std::string author;
    int year = 0;
    bool lent = false;
};

class Library {
    std::map<int, Book> books;
    std::map<std::string, std::set<int>> loans;
    int nextId = 100;

    Book& at(int id) {
        auto it = books.find(id);
        if (it == books.end()) throw std::out_of_range("no book " + std::to_string(id));
        return it->second;
    }

public:
    int add(const Book& b) {
        books[nextId] = b;
        return nextId++;
    }
    void lend(int id, const std::string& who) {
        Book& b = at(id);
        if (b.lent) throw std::logic_error("\"" + b.title + "\" is lent already");
        if (loans[who].size() >= 2) throw std::logic_error(who + " has two books");
        b.lent = true;
        loans[who].insert(id);
    }
    void giveBack(int id) {
        at(id).lent = false;
        for (auto it = loans.begin(); it != loans.end(); ++it)
            if (it->second.erase(id)) { std::cout << it->first << " brings " << id << " back\n"; break; }
    }
    std::vector<int> find(const std::string& part) const {
        std::vector<int> ids;
        for (const auto& [id, b] : books)
            if (b.title.find(part) != std::string::npos || b.author.find(part) != std::string::npos) ids.push_back(id);
        return ids;
    }
    void report() const {
        for (auto const& entry : books) {
            const Book& b = entry.second;
            std::cout << entry.first << ' ' << b.title << " (" << b.author << (b.year ? ", " + std::to_string(b.year) : "") << ")" << (b.lent ? " *" : "") << '\n';
        }
        for (const auto& [who, ids] : loans) {
            std::cout << who << ':';
            for (int id : ids) std::cout << ' ' << id;
            std::cout << '\n';
        }
    }
};

int main() {
    Library lib;
    int bees = lib.add({"Bees", "M. Fern", 2011});
    int soil = lib.add({"Good soil", "O. Brook"});
    int trees = lib.add(Book{"Trees and bees", "T. Ash", 1999});
    auto attempt = [&](int id, const std::string& who) {
        try {
            lib.lend(id, who);
            std::cout << who << " gets " << id << '\n';
        } catch (const std::out_of_range& e) {
            std::cout << "range: " << e.what() << '\n';
        } catch (const std::exception& e) {
            std::cout << "error: " << e.what() << '\n';
        }
    };
    attempt(bees, "Mina");
    attempt(bees, "Odo");
    attempt(soil, "Mina");
    attempt(trees, "Mina");
    attempt(7, "Odo");
    lib.giveBack(bees);
    attempt(bees, "Odo");
    for (int id : lib.find("ees")) std::cout << id << ' ';
    std::cout << '\n';
    lib.report();
}
