#include <iostream>
using namespace std;

struct Node {
    int data;
    Node* next;
};

class List {
private:
    Node* head;
    int count;
public:
    List() { head = nullptr; count = 0; }
    ~List() {
        Node* p = head;
        while (p != nullptr) {
            Node* q = p->next;
            delete p;
            p = q;
        }
    }
    void addFront(int v) {
        Node* n = new Node;
        n->data = v;
        n->next = head;
        head = n;
        count++;
    }
    void addBack(int v) {
        Node* n = new Node{v, NULL};
        if (!head) { head = n; }
        else {
            Node* p = head;
            while (p->next) p = p->next;
            p->next = n;
        }
        ++count;
    }
    bool remove(int v) {
        Node** link = &head;
        Node* prev = nullptr;
        for (Node* p = head; p; prev = p, p = p->next) {
            if (p->data == v) {
                if (prev) prev->next = p->next; else head = p->next;
                delete p;
                count--;
                return true;
            }
        }
        return false;
    }
    void print() const {
        for (Node* p = head; p != nullptr; p = p->next) {
            cout << p->data;
            if (p->next) cout << " -> ";
        }
        cout << " (" << count << ")" << endl;
    }
};

int main() {
    List l;
    for (int i = 1; i <= 4; i++) l.addBack(i * i);
    l.addFront(0);
    l.print();
    l.remove(9);
    cout << boolalpha << l.remove(100) << endl;
    l.print();
    return 0;
}
