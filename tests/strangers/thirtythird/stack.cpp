#include <iostream>
#include <stdexcept>
#include <string>

template <typename T>
class Stack {
public:
    explicit Stack(std::size_t capacity = 4) : data_(new T[capacity]), size_(0), capacity_(capacity) {}
    Stack(const Stack& other) : data_(new T[other.capacity_]), size_(other.size_), capacity_(other.capacity_) {
        for (std::size_t i = 0; i < size_; ++i) data_[i] = other.data_[i];
    }
    Stack& operator=(const Stack& other) {
        if (this != &other) {
            Stack copy(other);
            std::swap(data_, copy.data_);
            std::swap(size_, copy.size_);
            std::swap(capacity_, copy.capacity_);
        }
        return *this;
    }
    ~Stack() { delete[] data_; }

    void push(const T& value) {
        if (size_ == capacity_) grow();
        data_[size_++] = value;
    }
    T pop() {
        if (empty()) throw std::underflow_error("stack is empty");
        return data_[--size_];
    }
    const T& top() const { return data_[size_ - 1]; }
    bool empty() const { return size_ == 0; }
    std::size_t size() const { return size_; }

private:
    void grow() {
        capacity_ *= 2;
        T* bigger = new T[capacity_];
        for (std::size_t i = 0; i < size_; ++i) bigger[i] = data_[i];
        delete[] data_;
        data_ = bigger;
    }
    T* data_;
    std::size_t size_;
    std::size_t capacity_;
};

int main() {
    Stack<int> numbers(2);
    for (int i = 1; i <= 5; ++i) numbers.push(i * i);
    Stack<int> copy = numbers;
    std::cout << numbers.pop() << ' ' << numbers.top() << ' ' << numbers.size() << ' ' << copy.size() << '\n';
    Stack<std::string> words;
    words.push("hoe");
    words.push("rake");
    while (!words.empty()) std::cout << words.pop() << (words.empty() ? "\n" : ", ");
    copy = numbers;
    copy.push(100);
    std::cout << copy.top() << " " << numbers.top() << std::endl;
    try {
        words.pop();
    } catch (const std::underflow_error& e) {
        std::cout << "caught: " << e.what() << std::endl;
    }
    return 0;
}
