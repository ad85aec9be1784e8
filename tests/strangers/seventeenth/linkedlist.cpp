#include <iostream>
using namespace std;

struct Node {
    int data;
    Node* next;
    Node(int d) : data(d), next(nullptr) {}
};

class List {
private:
    Node* head;
    int count;
public:
    List() : head(nullptr), count(0) {}
    ~List() {
        Node* cur = head;
        while (cur != nullptr) {
            Node* next = cur->next;
            delete cur;
            cur = next;
        }
        cout << "list gone" << endl;
    }
    void pushFront(int value) {
        Node* n = new Node(value);
        n->next = head;
        head = n;
        count++;
    }
    void pushBack(int value) {
        if (!head) { pushFront(value); return; }
        Node* cur = head;
        while (cur->next) cur = cur->next;
        cur->next = new Node(value);
        ++count;
    }
    bool remove(int value) {
        Node** link = &head;
        while (*link) {
            if ((*link)->data == value) {
                Node* old = *link;
                *link = old->next;
                delete old;
                --count;
                return true;
            }
            link = &(*link)->next;
        }
        return false;
    }
    void reverse() {
        Node *prev = nullptr, *cur = head;
        while (cur) {
            Node* next = cur->next;
            cur->next = prev;
            prev = cur;
            cur = next;
        }
        head = prev;
    }
    void print() const {
        for (Node* p = head; p; p = p->next) {
            cout << p->data;
            if (p->next) cout << " -> ";
        }
        cout << " (" << count << ")" << endl;
    }
};

int main() {
    List l;
    for (int i = 1; i <= 5; i++) {
        if (i % 2) l.pushBack(i * 10);
        else l.pushFront(i);
    }
    l.print();
    l.reverse();
    l.print();
    cout << boolalpha << l.remove(30) << " " << l.remove(99) << endl;
    l.print();
    return 0;
}
