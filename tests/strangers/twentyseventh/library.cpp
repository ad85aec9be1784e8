#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
using namespace std;

class Book {
private:
    int id;
    string title, author;
    bool onLoan;
    static int nextId;
public:
    Book(const string &t, const string &a);
    int getId() const { return id; }
    const string &getTitle() const { return title; }
    string getAuthor() const;
    bool isOnLoan() const { return onLoan; }
    void lend();
    void giveBack();
    friend bool operator==(const Book &a, const Book &b);
    friend ostream &operator<<(ostream &os, const Book &b);
};

int Book::nextId = 1;

Book::Book(const string &t, const string &a) : id(nextId++), title(t), author(a), onLoan(false) {}
string Book::getAuthor() const { return author; }
void Book::lend() {
    if (onLoan)
        throw logic_error("\"" + title + "\" is out already");
    onLoan = true;
}
void Book::giveBack() { onLoan = false; }
bool operator==(const Book &a, const Book &b) { return a.title == b.title && a.author == b.author; }
ostream &operator<<(ostream &os, const Book &b) {
    os << '#' << b.id << ' ' << b.title << " (" << b.author << ")" << (b.onLoan ? " *" : "");
    return os;
}

class Member {
    string name;
    vector<Book *> loans;
    static const int LIMIT = 2;
public:
    explicit Member(string n) : name(n) {}
    string getName() const { return name; }
    bool borrow(Book &b) {
        if (static_cast<int>(loans.size()) == LIMIT) return false;
        b.lend();
        loans.push_back(&b);
        return true;
    }
    bool giveBack(int id) {
        for (size_t i = 0; i < loans.size(); i++) {
            if (loans[i]->getId() == id) {
                loans[i]->giveBack();
                loans.erase(loans.begin() + i);
                return true;
            }
        }
        return false;
    }
    void show() const {
        cout << name << " has " << loans.size() << ":";
        for (Book *b : loans) cout << " " << b->getTitle() << ";";
        cout << endl;
    }
};

class Library {
    vector<Book> books;
    map<string, Member> members;
public:
    void add(const Book &b) {
        if (find(books.begin(), books.end(), b) == books.end()) books.push_back(b);
        else cout << "have " << b.getTitle() << endl;
    }
    Book *byId(int id) {
        for (Book &b : books)
            if (b.getId() == id) return &b;
        return nullptr;
    }
    Member &member(const string &n) {
        auto it = members.find(n);
        if (it == members.end()) it = members.insert(make_pair(n, Member(n))).first;
        return it->second;
    }
    void list(bool freeOnly = false) const {
        for (const Book &b : books)
            if (!freeOnly || !b.isOnLoan()) cout << b << '\n';
    }
    int count() const { return books.size(); }
    void sortByTitle() { sort(books.begin(), books.end(), [](const Book &a, const Book &b) { return a.getTitle() < b.getTitle(); }); }
};

int main() {
    Library lib;
    lib.add(Book("Moss", "Fern"));
    lib.add(Book("Ants", "Reed"));
    lib.add(Book("Moss", "Fern"));
    lib.add(Book("Bees", "Ivy"));
    cout << lib.count() << endl;
    Member &m = lib.member("Odo");
    try {
        for (int id : {1, 4, 2, 1}) {
            Book *b = lib.byId(id);
            if (!b) { cout << "no book " << id << endl; continue; }
            cout << (m.borrow(*b) ? "took " : "too many: ") << b->getTitle() << endl;
        }
    } catch (const logic_error &e) {
        cout << "error: " << e.what() << endl;
    }
    m.show();
    lib.member("Pia").show();
    lib.list();
    cout << m.giveBack(1) << m.giveBack(77) << endl;
    lib.list(true);
    lib.member("Odo").show();
}
