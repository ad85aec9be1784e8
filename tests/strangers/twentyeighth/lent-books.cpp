// Library of the garden school: books lent and returned
#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
using namespace std;

class Book {
private:
    string title, author;
    int year;
    bool lent;
public:
    Book() : title("?"), author("?"), year(0), lent(false) {}
    Book(string title, string author, int year) {
        this->title = title;
        this->author = author;
        this->year = year;
        this->lent = false;
    }
    string getTitle() const { return title; }
    string getAuthor() const { return author; }
    int getYear() const { return year; }
    bool isLent() const { return lent; }
    void setLent(bool value) { lent = value; }
    void print() const {
        cout << "\"" << title << "\" by " << author << " (" << year << ")" << (lent ? " [lent]" : "") << endl;
    }
};

class Library {
    vector<Book> books;
    static int searches;
public:
    void add(const Book& b) { books.push_back(b); }
    Book* find(const string& title) {
        searches++;
        for (size_t i = 0; i < books.size(); i++)
            if (books[i].getTitle() == title)
                return &books[i];
        return nullptr;
    }
    bool lend(const string& title) {
        Book* b = find(title);
        if (!b || b->isLent()) return false;
        b->setLent(true);
        return true;
    }
    bool giveBack(const string& title) {
        Book* b = find(title);
        if (b == nullptr) return false;
        if (!b->isLent()) return false;
        b->setLent(false);
        return true;
    }
    void sortByYear() {
        sort(books.begin(), books.end(), [](const Book& a, const Book& b) { return a.getYear() < b.getYear(); });
    }
    void printAll() const {
        for (const Book& b : books) b.print();
        cout << "-- " << books.size() << " books, " << countLent() << " lent" << endl;
    }
    int countLent() const {
        int n = 0;
        for (auto it = books.begin(); it != books.end(); ++it)
            if (it->isLent()) ++n;
        return n;
    }
    static int searchCount() { return searches; }
};

int Library::searches = 0;

int main() {
    Library lib;
    lib.add(Book("Seeds", "A. Moss", 1999));
    lib.add(Book("Worms at Work", "B. Reed", 1987));
    lib.add({"Rain", "C. Fern", 2010});
    cout << boolalpha;
    cout << lib.lend("Rain") << " " << lib.lend("Rain") << " " << lib.lend("Snow") << endl;
    lib.sortByYear();
    lib.printAll();
    cout << lib.giveBack("Rain") << " " << lib.giveBack("Seeds") << endl;
    lib.printAll();
    cout << Library::searchCount() << " searches" << endl;
    Book shelf[2];
    shelf[1] = *lib.find("Seeds");
    shelf[1].setLent(true);
    for (int i = 0; i < 2; i++) shelf[i].print();
    lib.find("Seeds")->print();
    return 0;
}
