#include <iostream>
#include <string>
using namespace std;

// singly linked list of pupils with insertion sort, search and removal
struct Pupil {
    string name;
    int mark;
    Pupil* next;
};

class Register {
private:
    Pupil* head;
    int size;

public:
    Register() {
        head = NULL;
        size = 0;
    }

    ~Register() {
        while (head != NULL) {
            Pupil* old = head;
            head = head->next;
            delete old;
        }
    }

    void insert(string name, int mark) {
        Pupil* fresh = new Pupil;
        fresh->name = name;
        fresh->mark = mark;
        fresh->next = NULL;
        if (head == NULL || head->mark < mark) {
            fresh->next = head;
            head = fresh;
        } else {
            Pupil* current = head;
            while (current->next != NULL && current->next->mark >= mark) {
                current = current->next;
            }
            fresh->next = current->next;
            current->next = fresh;
        }
        size++;
    }

    bool remove(string name) {
        Pupil* current = head;
        Pupil* previous = NULL;
        while (current != NULL && current->name != name) {
            previous = current;
            current = current->next;
        }
        if (current == NULL) return false;
        if (previous == NULL) head = current->next;
        else previous->next = current->next;
        delete current;
        size--;
        return true;
    }

    Pupil* find(string name) {
        for (Pupil* p = head; p; p = p->next)
            if (p->name == name) return p;
        return NULL;
    }

    double average() {
        if (size == 0) return 0;
        int total = 0;
        Pupil* p = head;
        while (p) { total += p->mark; p = p->next; }
        return (double) total / size;
    }

    void print() {
        int place = 1;
        for (Pupil* p = head; p != NULL; p = p->next) {
            cout << place++ << ". " << p->name << " (" << p->mark << ")" << endl;
        }
    }
    int count() const { return size; }
};

int main() {
    Register r;
    r.insert("Fern", 71);
    r.insert("Moss", 85);
    r.insert("Reed", 60);
    r.insert("Ivy", 85);
    r.print();
    cout << "Average " << r.average() << endl;
    cout << boolalpha << r.remove("Moss") << " " << r.remove("Oak") << " " << r.count() << endl;
    Pupil* found = r.find("Reed");
    if (found) { found->mark += 5; cout << found->name << " " << found->mark << endl; }
    if (r.find("Nobody") == NULL) cout << "nobody" << endl;
    r.print();
    return 0;
}
