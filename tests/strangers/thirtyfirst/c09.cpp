#include <iostream>
#include <string>
using namespace std;

const int MAX_BOOKS = 10;

class Book {
    string title, author;
    bool borrowed;
public:
    Book() {}
    Book(string t, string a) {
        title = t;
        author = a;
        borrowed = false;
    }
    string getTitle() { return title; }
    string getAuthor() { return author; }
    bool isBorrowed() { return borrowed; }
    void borrow() { borrowed = true; }
    void giveBack() { borrowed = false; }
};

class Library {
    Book books[MAX_BOOKS];
    int count;
public:
    Library() { count = 0; }
    void addBook(Book b) {
        if (count < MAX_BOOKS) {
            books[count] = b;
            count++;
        } else {
            cout << "Library is full" << endl;
        }
    }
    void borrowBook(string title) {
        for (int i = 0; i < count; i++) {
            if (books[i].getTitle() == title) {
                if (books[i].isBorrowed()) {
                    cout << "Sorry, \"" << title << "\" is borrowed." << endl;
                } else {
                    books[i].borrow();
                    cout << "You borrowed \"" << title << "\"." << endl;
                }
                return;
            }
        }
        cout << "No book called " << title << endl;
    }
    void list() {
        cout << "--- " << count << " books ---" << endl;
        for (int i = 0; i < count; i++) {
            cout << i + 1 << ". " << books[i].getTitle() << " by " << books[i].getAuthor();
            if (books[i].isBorrowed()) cout << " [out]";
            cout << endl;
        }
    }
};

int main() {
    Library lib;
    lib.addBook(Book("Moss", "F. Heron"));
    lib.addBook(Book("Owls", "R. Teal"));
    Book third("Ponds", "F. Heron");
    lib.addBook(third);
    lib.borrowBook("Owls");
    lib.borrowBook("Owls");
    lib.borrowBook("Stars");
    lib.list();
    return 0;
}
