#include <iostream>
using namespace std;

struct Node {
    int data;
    Node *next;
    Node(int d, Node *n = nullptr) : data(d), next(n) {}
};

class List {
private:
    Node *head;
    int count;
public:
    List() : head(NULL), count(0) { }
    List(const List &other) : head(NULL), count(0) {
        Node **tail = &head;
        for (Node *p = other.head; p; p = p->next) {
            *tail = new Node(p->data);
            tail = &(*tail)->next;
            count++;
        }
    }
    ~List() {
        clear();
        cout << "list gone" << endl;
    }
    void clear() {
        while (head != NULL) {
            Node *old = head;
            head = head->next;
            delete old;
        }
        count = 0;
    }
    void pushFront(int d) { head = new Node(d, head); count++; }
    void append(int d) {
        count++;
        if (!head) { head = new Node(d); return; }
        Node *p = head;
        while (p->next) p = p->next;
        p->next = new Node(d);
    }
    bool remove(int d) {
        Node *prev = NULL, *p = head;
        while (p != NULL && p->data != d) { prev = p; p = p->next; }
        if (p == NULL) return false;
        if (prev == NULL) head = p->next; else prev->next = p->next;
        delete p;
        count--;
        return true;
    }
    void reverse() {
        Node *prev = NULL;
        for (Node *p = head; p != NULL; ) {
            Node *next = p->next;
            p->next = prev;
            prev = p;
            p = next;
        }
        head = prev;
    }
    int size() const { return count; }
    int sum() const { return sum(head); }
    void print() const {
        cout << "[";
        for (Node *p = head; p; p = p->next) cout << p->data << (p->next ? ", " : "");
        cout << "]" << endl;
    }
private:
    static int sum(Node *n) { return n ? n->data + sum(n->next) : 0; }
};

int main() {
    List l;
    for (int i = 1; i <= 4; i++) l.append(i * i);
    l.pushFront(0);
    l.print();
    {
        List copy = l;
        copy.remove(4);
        copy.reverse();
        copy.print();
    }
    cout << l.size() << " " << l.sum() << " " << l.remove(99) << l.remove(0) << endl;
    l.print();
    l.clear();
    l.print();
    return 0;
}
