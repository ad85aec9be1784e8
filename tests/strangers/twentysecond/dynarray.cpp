#include <iostream>
#include <algorithm>
using namespace std;

// My own vector: the rule of three, step by step
template <typename T>
class DynArray {
private:
    T* data;
    int size_;
    int capacity;
    void grow() {
        int newCap = capacity == 0 ? 1 : capacity * 2;
        T* bigger = new T[newCap];
        for (int i = 0; i < size_; i++) bigger[i] = data[i];
        delete[] data;
        data = bigger;
        capacity = newCap;
    }
public:
    DynArray() : data(nullptr), size_(0), capacity(0) {}
    DynArray(const DynArray& other) : data(new T[other.capacity]), size_(other.size_), capacity(other.capacity) {
        copy(other.data, other.data + other.size_, data);
    }
    DynArray& operator=(const DynArray& other) {
        if (this != &other) {
            delete[] data;
            size_ = other.size_;
            capacity = other.capacity;
            data = new T[capacity];
            for (int i = 0; i < size_; ++i) data[i] = other.data[i];
        }
        return *this;
    }
    ~DynArray() { delete[] data; }
    void push_back(const T& value) {
        if (size_ == capacity) grow();
        data[size_++] = value;
    }
    T pop_back() { return data[--size_]; }
    T& operator[](int i) { return data[i]; }
    const T& operator[](int i) const { return data[i]; }
    int size() const { return size_; }
    bool empty() const { return size_ == 0; }
    T* begin() { return data; }
    T* end() { return data + size_; }
    const T* begin() const { return data; }
    const T* end() const { return data + size_; }
};

template <typename T>
void print(const DynArray<T>& a) {
    for (int i = 0; i < a.size(); i++) cout << a[i] << (i + 1 < a.size() ? ", " : "\n");
}

int main() {
    DynArray<int> a;
    for (int i = 0; i < 6; i++) a.push_back(i * i);
    print(a);
    DynArray<int> b = a;
    b[0] = 100;
    b.push_back(7);
    print(a);
    print(b);
    DynArray<int> c;
    c = b;
    c[1] = -1;
    cout << b[1] << " " << c[1] << " " << c.size() << endl;
    cout << c.pop_back() << " " << c.size() << endl;
    int total = 0;
    for (int x : b) total += x;
    cout << "total " << total << endl;
    sort(b.begin(), b.end());
    print(b);
    DynArray<string> words;
    words.push_back("leaf");
    words.push_back("root");
    print(words);
    cout << words[1].length() << endl;
    return 0;
}
