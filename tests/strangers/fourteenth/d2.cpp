#include <iostream>
#include <string>
#include <vector>
#include <cstdlib>
using namespace std;
class Account {
private:
    string owner;
    double balance;
    static int count;
public:
    Account(string o, double b = 0) { owner = o; balance = b; count++; }
    ~Account() {}
    void deposit(double amount) { if (amount > 0) balance += amount; }
    bool withdraw(double amount) {
        if (amount > balance) { cout << "Not enough" << endl; return false; }
        balance -= amount;
        return true;
    }
    double getBalance() const { return balance; }
    string getOwner() const { return owner; }
    void setOwner(string owner) { this->owner = owner; }
    static int getCount() { return count; }
};
int Account::count = 0;
class Shape {
protected:
    string name;
public:
    Shape(string n) : name(n) {}
    virtual double area() const = 0;
    virtual void print() const { cout << name << " " << area() << endl; }
    virtual ~Shape() {}
};
class Square : public Shape {
    double side;
public:
    Square(double s) : Shape("square"), side(s) {}
    double area() const override { return side * side; }
};
class Circle : public Shape {
    double r;
public:
    Circle(double r) : Shape("circle") { this->r = r; }
    double area() const { return 3.14 * r * r; }
    void print() const { cout << "round "; Shape::print(); }
};
class Stack {
    int items[10];
    int top;
public:
    Stack() { top = 0; }
    void push(int x) { if (top < 10) items[top++] = x; else cout << "full" << endl; }
    int pop() { return top > 0 ? items[--top] : -1; }
    bool isEmpty() { return top == 0; }
    int size() { return top; }
};
struct Node { int value; Node *next; };
class List {
    Node *head;
public:
    List() : head(NULL) {}
    void add(int v) { Node *n = new Node; n->value = v; n->next = head; head = n; }
    void append(int v) {
        Node *n = new Node();
        n->value = v; n->next = nullptr;
        if (head == NULL) { head = n; return; }
        Node *cur = head;
        while (cur->next != NULL) cur = cur->next;
        cur->next = n;
    }
    void print() { for (Node *c = head; c != NULL; c = c->next) cout << c->value << " "; cout << endl; }
    int length() { int n = 0; Node *c = head; while (c) { n++; c = c->next; } return n; }
    bool remove(int v) {
        Node *prev = NULL, *cur = head;
        while (cur != NULL && cur->value != v) { prev = cur; cur = cur->next; }
        if (!cur) return false;
        if (prev) prev->next = cur->next; else head = cur->next;
        delete cur;
        return true;
    }
};
int main() {
    Account a("Kai", 100), b("Mo");
    a.deposit(50.5); b.deposit(-3);
    if (!b.withdraw(10)) cout << b.getOwner() << " failed" << endl;
    a.withdraw(20);
    cout << a.getOwner() << ": " << a.getBalance() << " of " << Account::getCount() << endl;
    b.setOwner("Ada"); cout << b.getOwner() << endl;
    Square s(3); Circle c(2);
    s.print(); c.print();
    vector<Shape*> shapes; shapes.push_back(&s); shapes.push_back(&c); shapes.push_back(new Square(1));
    double total = 0;
    for (int i = 0; i < shapes.size(); i++) total += shapes[i]->area();
    cout << total << endl;
    Stack st;
    for (int i = 0; i < 12; i++) st.push(i * i);
    cout << st.pop() << st.pop() << st.size() << st.isEmpty() << endl;
    List l; l.add(2); l.add(1); l.append(3);
    l.print(); cout << l.length() << l.remove(2) << l.remove(9) << endl; l.print();
    Account copy = a; copy.deposit(1000); cout << a.getBalance() << " " << copy.getBalance() << Account::getCount() << endl;
    Account *ptr = &a; ptr->deposit(1); cout << a.getBalance() << endl;
    Account list[2] = {Account("x", 1), Account("y", 2)}; list[1].deposit(5); cout << list[1].getBalance() << endl;
}
