#include <iostream>
#include <vector>
#include <string>
#include <algorithm>
using namespace std;

struct Book {
    string title;
    string author;
    int year;
    bool onLoan = false;
};

vector<Book> library;

void addBook(string t, string a, int y) {
    Book b;
    b.title = t;
    b.author = a;
    b.year = y;
    library.push_back(b);
}

Book* findBook(const string& title) {
    for (auto& b : library)
        if (b.title == title) return &b;
    return nullptr;
}

void list() {
    for (const Book& b : library) {
        cout << b.title << " by " << b.author << " (" << b.year << ")";
        if (b.onLoan) cout << " - on loan";
        cout << endl;
    }
}

int main() {
    addBook("Seeds", "Fern", 1999);
    addBook("Roots", "Moss", 1985);
    addBook("Leaves", "Fern", 2010);
    Book* found = findBook("Roots");
    if (found) found->onLoan = true;
    if (findBook("Twigs") == nullptr) cout << "No Twigs" << endl;
    sort(library.begin(), library.end(), [](const Book& a, const Book& b) { return a.year < b.year; });
    list();
    int count = count_if(library.begin(), library.end(), [](const Book& b) { return b.author == "Fern"; });
    cout << count << " by Fern" << endl;
}
