#include <iostream>
#include <string>
#include <vector>
using namespace std;

class LinkedList {
private:
    struct Node {
        int value;
        Node* next;
        Node(int v) : value(v), next(nullptr) {}
    };
    Node* head;
    int length;
public:
    LinkedList() : head(nullptr), length(0) {}
    ~LinkedList() {
        while (head) { Node* t = head; head = head->next; delete t; }
    }
    void push(int v) {
        Node* n = new Node(v);
        n->next = head;
        head = n;
        ++length;
    }
    int pop() {
        Node* n = head;
        int v = n->value;
        head = head->next;
        delete n;
        --length;
        return v;
    }
    void reverse() {
        Node* prev = nullptr;
        Node* cur = head;
        while (cur != nullptr) {
            Node* next = cur->next;
            cur->next = prev;
            prev = cur;
            cur = next;
        }
        head = prev;
    }
    int size() const { return length; }
    void print() const {
        for (Node* p = head; p; p = p->next) cout << p->value << (p->next ? ", " : "\n");
    }
};

class School {
public:
    struct Pupil { string name; int age; };
    void add(const string& n, int a) { pupils.push_back({n, a}); }
    Pupil oldest() const {
        Pupil best = pupils[0];
        for (const Pupil& p : pupils) if (p.age > best.age) best = p;
        return best;
    }
private:
    vector<Pupil> pupils;
};

int main() {
    LinkedList l;
    for (int i = 1; i <= 4; i++) l.push(i);
    l.print();
    l.reverse();
    l.print();
    cout << l.pop() << " " << l.size() << endl;
    School s;
    s.add("Fay", 12); s.add("Moss", 14);
    School::Pupil p = s.oldest();
    cout << p.name << " " << p.age << endl;
}
